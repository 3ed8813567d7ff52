package oldtallow.app.identity.web;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.api.Devices;
import oldtallow.app.identity.api.OpenSessions;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.RequestContextHolder;

/** Devices that are signed in: one's own, and for an owner everybody's. */
@RestController
class DeviceController {

    private final Devices devices;

    DeviceController(Devices devices) {
        this.devices = devices;
    }

    /** Devices I am signed in on. */
    @GetMapping("/api/v1/devices")
    List<DeviceView> devices() {
        String here = RequestContextHolder.currentRequestAttributes().getSessionId();
        return devices.signedIn().stream()
                .map(one -> DeviceView.of(one, OpenSessions.nameOf(here)))
                .toList();
    }

    /** Signs it out; its open lines end with it. */
    @DeleteMapping("/api/v1/devices/{personId}/{name}")
    List<DeviceView> end(@PathVariable UUID personId, @PathVariable String name) {
        devices.end(personId, name);
        return devices();
    }

    /** {@code isThis}: whether it is the device that asks. */
    record DeviceView(
            UUID personId,
            String personName,
            String name,
            String kind,
            String address,
            Instant since,
            Instant lastSeen,
            boolean isThis) {

        static DeviceView of(Devices.SignedInOn one, String here) {
            OpenSessions.Device device = one.device();
            return new DeviceView(
                    one.person().id(),
                    one.person().name(),
                    device.name(),
                    device.kind(),
                    device.address(),
                    device.since(),
                    device.lastSeen(),
                    device.name().equals(here));
        }
    }
}
