package oldtallow.app.reckon.web;

import java.util.List;
import java.util.UUID;
import oldtallow.app.platform.FieldErrors;
import oldtallow.app.reckon.WheelEndAids;
import oldtallow.app.wire.LengthEntry;
import oldtallow.core.fit.RightCup;
import oldtallow.core.quantity.Length;
import oldtallow.core.step.ReadingKind;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is worked out for a wheel end. */
@RestController
@RequestMapping("/api/wheel-ends/{id}")
class AidsController {

    private final WheelEndAids aids;

    AidsController(WheelEndAids aids) {
        this.aids = aids;
    }

    /** Races, seal and grease of this wheel end, from what is on record. */
    @GetMapping("/aids")
    AidsView of(@PathVariable UUID id) {
        return AidsView.of(aids.of(id));
    }

    /** Whether a measured cup is one that goes here. */
    @PostMapping("/cup")
    RightCupView cup(@PathVariable UUID id, @RequestBody RightCupForm form) {
        var errors = new FieldErrors();
        Length outside = form.outside().toLength();
        errors.at("outside.number", () -> ReadingKind.CUP_OUTSIDE.require(outside.millimetres()));
        errors.throwIfAny();
        RightCup cup = aids.cup(id, outside);
        return new RightCupView(
                !cup.matches().isEmpty(),
                cup.words(),
                cup.looksLike().stream()
                        .map(set -> set.designation().toString())
                        .toList());
    }

    record RightCupForm(LengthEntry outside) {}

    record RightCupView(boolean right, String words, List<String> looksLike) {}
}
