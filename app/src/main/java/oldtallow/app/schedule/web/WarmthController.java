package oldtallow.app.schedule.web;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.schedule.api.WarmthLog;
import oldtallow.app.schedule.model.WarmthStop;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.travel.warmth.Felt;
import oldtallow.core.travel.warmth.Touch;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class WarmthController {

    private final WarmthLog log;
    private final Clock clock;

    WarmthController(WarmthLog log, Clock clock) {
        this.log = log;
        this.clock = clock;
    }

    /** Hub temperatures of a rig over time, and what they say to do. */
    @GetMapping("/api/v1/rigs/{rigId}/warmth")
    WarmthView ofRig(@PathVariable UUID rigId) {
        return WarmthView.of(log.of(rigId));
    }

    /** Writes down how warm the hubs were at a stop. */
    @PutMapping("/api/v1/rigs/{rigId}/warmth/{id}")
    WarmthView put(@PathVariable UUID rigId, @PathVariable UUID id, @RequestBody StopForm form) {
        var errors = new FieldErrors();
        List<WarmthStop.Hub> hubs = new ArrayList<>();
        for (int i = 0; i < form.hubs().size(); i++) {
            FeltHubForm hub = form.hubs().get(i);
            @Nullable Felt felt = errors.at("hubs[" + i + "].celsius", hub::toFelt);
            if (felt != null) {
                hubs.add(new WarmthStop.Hub(hub.wheelEndId(), felt));
            } else if (hub.celsius() == null) {
                errors.add("hubs[" + i + "].touch", null, "is missing; say how it felt, or what a thermometer showed");
            }
        }
        errors.throwIfAny();
        return WarmthView.of(log.record(new WarmthStop(
                id,
                rigId,
                Optional.ofNullable(form.at()).orElseGet(clock::instant),
                form.tripId(),
                form.tripKm(),
                null,
                form.dayCelsius(),
                hubs,
                CurrentPerson.now().name(),
                form.note() == null ? "" : form.note().strip())));
    }

    /** Takes back a stop at which hubs were felt. */
    @DeleteMapping("/api/v1/rigs/{rigId}/warmth/{id}")
    WarmthView remove(@PathVariable UUID rigId, @PathVariable UUID id) {
        return WarmthView.of(log.remove(rigId, id));
    }

    /**
     * A stop.
     *
     * @param at left out for now
     * @param tripKm how far into the trip, km
     * @param dayCelsius temperature of the day, °C
     */
    record StopForm(
            @Nullable Instant at,
            @Nullable UUID tripId,
            @Nullable Double tripKm,
            @Nullable Double dayCelsius,
            List<FeltHubForm> hubs,
            @Nullable String note) {}

    /**
     * A hub at a stop.
     *
     * @param touch as a hand felt it; may be left out where a thermometer was there
     */
    record FeltHubForm(
            UUID wheelEndId,
            @Nullable Touch touch,
            @Nullable Double celsius) {

        @Nullable
        Felt toFelt() {
            if (celsius != null) {
                return Felt.measured(celsius);
            }
            return touch == null ? null : Felt.byHand(touch);
        }
    }
}
