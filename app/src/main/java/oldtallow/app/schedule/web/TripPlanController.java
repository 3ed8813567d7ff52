package oldtallow.app.schedule.web;

import java.util.UUID;
import oldtallow.app.schedule.api.TripPlans;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TripPlanController {

    private final TripPlans plans;

    TripPlanController(TripPlans plans) {
        this.plans = plans;
    }

    /** What a trip asks: what to do before it and on it, what to carry, where to feel the hubs. */
    @GetMapping("/api/v1/trips/{id}/plan")
    TripPlanView plan(@PathVariable UUID id) {
        return TripPlanView.of(plans.of(id));
    }
}
