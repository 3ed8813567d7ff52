package oldtallow.app.setting.web;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.setting.api.PlayChecks;
import oldtallow.app.setting.model.NewPlayCheck;
import oldtallow.app.setting.model.PlayCheck;
import oldtallow.app.units.LengthView;
import oldtallow.app.units.form.DialReadingsForm;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.measure.BetterWith;
import oldtallow.core.setting.measure.Decision;
import oldtallow.core.setting.measure.DialReadings;
import oldtallow.core.setting.measure.Learned;
import oldtallow.core.words.PlayWords;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** End play of a wheel end by dial indicator, and what it did after it had run. */
@RestController
@RequestMapping("/api/v1/wheel-ends/{id}")
class PlayController {

    private final PlayChecks checks;
    private final Register register;
    private final Figures figures;

    PlayController(PlayChecks checks, Register register, Figures figures) {
        this.checks = checks;
        this.register = register;
        this.figures = figures;
    }

    /** What readings say against the window that governs here; nothing is saved. */
    @PostMapping("/play-readings")
    PlayFoundView judge(@PathVariable UUID id, @RequestBody DialReadingsForm form) {
        var errors = new FieldErrors();
        @Nullable DialReadings readings = form.toReadings("readings", errors);
        return PlayFoundView.of(
                errors.require(readings), GoverningFigure.governing(figures.endPlay(register.wheelEnd(id))));
    }

    /** Play read again since it was set, and how the bearings settled. */
    @GetMapping("/play-checks")
    PlayShownView shown(@PathVariable UUID id) {
        return PlayShownView.of(checks.of(id));
    }

    /** Puts play read again on record. */
    @PostMapping("/play-checks")
    PlayShownView add(@PathVariable UUID id, @RequestBody PlayCheckForm form) {
        var errors = new FieldErrors();
        @Nullable DialReadings readings = form.readings().toReadings("readings", errors);
        return PlayShownView.of(checks.add(
                new NewPlayCheck(form.id(), id, form.checkedAt(), errors.require(readings), form.kilometres())));
    }

    record PlayCheckForm(
            UUID id,
            Instant checkedAt,
            DialReadingsForm readings,
            @Nullable Double kilometres) {}

    /**
     * What readings say.
     *
     * @param better what to do where they lie too close to an edge to tell, in the order worth trying
     */
    record PlayFoundView(
            LengthView endPlay,
            LengthView uncertainty,
            LengthView spread,
            int count,
            Decision decision,
            String words,
            List<String> better,
            LengthView windowLeast,
            LengthView windowMost,
            Authority authority,
            String source) {

        static PlayFoundView of(DialReadings readings, GoverningFigure<EndPlayWindow> window) {
            Decision decision = readings.decide(window.value());
            EndPlayVerdict grade = window.value().judge(readings.endPlay());
            return new PlayFoundView(
                    LengthView.of(readings.endPlay()),
                    LengthView.of(readings.uncertainty()),
                    LengthView.of(readings.spread()),
                    readings.readings().size(),
                    decision,
                    grade == EndPlayVerdict.USABLE && decision == Decision.INSIDE
                            ? "usable, at the loose end"
                            : decision.words(),
                    BetterWith.advice(readings, window.value()).stream()
                            .map(PlayWords::of)
                            .toList(),
                    LengthView.of(window.value().least()),
                    LengthView.of(window.value().most()),
                    window.authority(),
                    window.source());
        }
    }

    record PlayCheckView(
            UUID id,
            Instant checkedAt,
            String checkedBy,
            LengthView endPlay,
            LengthView uncertainty,
            @Nullable Double kilometres) {

        static PlayCheckView of(PlayCheck check) {
            return new PlayCheckView(
                    check.id(),
                    check.checkedAt(),
                    check.checkedBy(),
                    LengthView.of(check.endPlay()),
                    LengthView.of(check.uncertainty()),
                    check.kilometres());
        }
    }

    /** What this hub's bearings gain when they settle. */
    record SettlingView(LengthView gains, LengthView spread, int times) {

        static SettlingView of(Learned learned) {
            return new SettlingView(LengthView.of(learned.mean()), LengthView.of(learned.spread()), learned.times());
        }
    }

    record PlayShownView(
            List<PlayCheckView> checks, @Nullable SettlingView settling) {

        static PlayShownView of(PlayChecks.Shown shown) {
            return new PlayShownView(
                    shown.checks().stream().map(PlayCheckView::of).toList(),
                    shown.settling().map(SettlingView::of).orElse(null));
        }
    }
}
