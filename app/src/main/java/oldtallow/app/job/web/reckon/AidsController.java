package oldtallow.app.job.web.reckon;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.job.api.WheelEndAids;
import oldtallow.app.job.web.reckon.RaceController.SeatedView;
import oldtallow.core.fit.RightCup;
import oldtallow.core.fit.SeatedCup;
import oldtallow.core.procedure.bench.CupGaps;
import oldtallow.core.procedure.bench.JobEntry.Taken;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is worked out for a wheel end. */
@RestController
@RequestMapping("/api/v1/wheel-ends/{id}")
class AidsController {

    private static final int ALL_ROUND = 4;

    private final WheelEndAids aids;

    AidsController(WheelEndAids aids) {
        this.aids = aids;
    }

    /** Races, seal and grease of this wheel end, from what is on record. */
    @GetMapping("/aids")
    AidsView of(@PathVariable UUID id) {
        return AidsView.of(aids.of(id));
    }

    /** What readings say of its cups, before they are put on record: whether one is home, whether it is the right one. */
    @PostMapping("/sense")
    SensedView sense(@PathVariable UUID id, @RequestBody SenseForm form) {
        List<Taken> taken = taken(form);
        List<Length> gaps = CupGaps.of(taken);
        Optional<RightCup> cup = taken.stream()
                .filter(one -> one.kind() == ReadingKind.CUP_OUTSIDE)
                .findFirst()
                .map(one -> aids.cup(id, Length.ofMillimetres(one.value())));
        return new SensedView(
                gaps.size() < ALL_ROUND ? null : SeatedView.of(new SeatedCup(gaps)),
                cup.map(RightCupView::of).orElse(null));
    }

    private static List<Taken> taken(SenseForm form) {
        var errors = new FieldErrors();
        List<@Nullable Taken> taken = new ArrayList<>();
        for (int i = 0; i < form.readings().size(); i++) {
            SensedReadingForm one = form.readings().get(i);
            taken.add(errors.at(
                    "readings[" + i + "].number",
                    () -> new Taken(one.kind(), one.kind().of(one.number(), one.unit()), one.unit())));
        }
        errors.throwIfAny();
        return taken.stream().map(errors::require).toList();
    }

    record SenseForm(List<SensedReadingForm> readings) {}

    record SensedReadingForm(ReadingKind kind, double number, ReadingUnit unit) {}

    /** Null for what was not read, or not all round yet. */
    record SensedView(@Nullable SeatedView seated, @Nullable RightCupView rightCup) {}

    record RightCupView(boolean right, String words, List<String> looksLike) {

        static RightCupView of(RightCup cup) {
            return new RightCupView(
                    !cup.matches().isEmpty(),
                    cup.words(),
                    cup.looksLike().stream()
                            .map(set -> set.designation().toString())
                            .toList());
        }
    }
}
