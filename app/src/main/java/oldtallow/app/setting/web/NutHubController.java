package oldtallow.app.setting.web;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.SpindleNut;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.setting.api.NutSettings;
import oldtallow.app.units.LengthView;
import oldtallow.app.units.form.FigureForm;
import oldtallow.app.units.form.LockForm;
import oldtallow.app.units.form.ThreadForm;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.thread.ThreadBacklash;
import oldtallow.core.quantity.Length;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.FigureValue.NutSequence;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.measure.Learned;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NutHubController {

    private final Register register;
    private final Figures figures;
    private final NutSettings settings;

    NutHubController(Register register, Figures figures, NutSettings settings) {
        this.register = register;
        this.figures = figures;
        this.settings = settings;
    }

    /** A wheel end as the nut dial wants to know it. */
    @GetMapping("/api/v1/wheel-ends/{id}/nut")
    NutHubView hub(@PathVariable UUID id) {
        WheelEnd end = register.wheelEnd(id);
        List<GoverningFigure<FigureValue>> sequences = figures.ladder(end, FigureKind.NUT_SEQUENCE);
        return NutHubView.of(
                end,
                sequences.stream().findFirst(),
                figures.endPlay(end).stream().map(FigureForm::of).toList(),
                LockingView.of(end, settings.takenByLocking(end)));
    }

    /**
     * The nut of a wheel end.
     *
     * @param figures every end play window that could govern, common practice last; the first one does
     * @param locking what locking takes; null on locks that take nothing
     */
    record NutHubView(
            UUID id,
            String rigName,
            String position,
            String constructionWords,
            ThreadForm thread,
            LockForm lock,
            @Nullable Double washerThicknessMillimetres,
            String procedure,
            SequenceView sequence,
            List<FigureForm> figures,
            @Nullable LockingView locking) {

        static NutHubView of(
                WheelEnd end,
                Optional<GoverningFigure<FigureValue>> sequence,
                List<FigureForm> figures,
                @Nullable LockingView locking) {
            SpindleNut nut = end.nut();
            @Nullable Length washer = nut.washerThickness();
            return new NutHubView(
                    end.id(),
                    end.rigName(),
                    end.positionName(),
                    end.construction().words(),
                    ThreadForm.of(nut.threadDesignation(), nut.thread()),
                    LockForm.of(nut.lock()),
                    washer == null ? null : washer.millimetres(),
                    sequence.map(GoverningFigure::value)
                            .map(value -> value instanceof NutSequence asked ? asked.procedure() : end.procedure())
                            .orElse(end.procedure())
                            .value(),
                    SequenceView.of(sequence),
                    figures,
                    locking);
        }
    }

    /**
     * What tightening the outer of two nuts takes of the play.
     *
     * @param takes as this hub did before; null where it was never measured
     * @param spread of what it took
     * @param times it was measured
     * @param least that the thread's own backlash can give, for a hub nobody knows
     */
    record LockingView(
            @Nullable LengthView takes, @Nullable LengthView spread, int times, LengthView least, LengthView most) {

        static @Nullable LockingView of(WheelEnd end, Optional<Learned> learned) {
            if (end.nut().lock() != FreeAngleLock.TWO_NUTS) {
                return null;
            }
            ThreadBacklash backlash = ThreadBacklash.of(end.nut().thread());
            return new LockingView(
                    learned.map(one -> LengthView.of(one.mean())).orElse(null),
                    learned.map(one -> LengthView.of(one.spread())).orElse(null),
                    learned.map(Learned::times).orElse(0),
                    LengthView.of(backlash.least()),
                    LengthView.of(backlash.most()));
        }
    }

    /** Whose sequence governs, and what they say beyond the procedure. */
    record SequenceView(
            Authority authority, String source, @Nullable String words) {

        static SequenceView of(Optional<GoverningFigure<FigureValue>> figure) {
            return figure.map(governing -> new SequenceView(
                            governing.authority(),
                            governing.source(),
                            governing.value() instanceof NutSequence asked
                                            && !asked.words().isEmpty()
                                    ? asked.words()
                                    : null))
                    .orElseGet(() -> new SequenceView(Authority.COMMON_PRACTICE, "common practice", null));
        }
    }
}
