package oldtallow.app.identity.web;

import java.time.Instant;
import java.util.List;
import oldtallow.app.identity.api.SecurityLog;
import oldtallow.app.identity.model.SecurityEvent;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SecurityController {

    private final SecurityLog log;

    SecurityController(SecurityLog log) {
        this.log = log;
    }

    /** A page of sign-ins, refusals and changes of rights, latest first; older than an entry where it is named. */
    @GetMapping("/api/v1/workshop/security")
    List<SecurityEventView> page(@RequestParam(required = false) @Nullable Long before) {
        return log.page(before).stream().map(SecurityEventView::of).toList();
    }

    record SecurityEventView(
            long id, Instant at, String who, String words, String address, String device, String details) {

        static SecurityEventView of(SecurityEvent event) {
            return new SecurityEventView(
                    event.id(),
                    event.at(),
                    event.who(),
                    event.kind().words(),
                    event.address(),
                    event.device(),
                    event.details());
        }
    }
}
