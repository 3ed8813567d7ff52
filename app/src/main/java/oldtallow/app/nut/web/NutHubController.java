package oldtallow.app.nut.web;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.figures.Figures;
import oldtallow.app.register.Register;
import oldtallow.app.register.SpindleNut;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.wire.FigureForm;
import oldtallow.app.wire.LockForm;
import oldtallow.app.wire.ThreadForm;
import oldtallow.core.figure.Authority;
import oldtallow.core.figure.FigureKind;
import oldtallow.core.figure.FigureValue;
import oldtallow.core.figure.FigureValue.NutSequence;
import oldtallow.core.figure.GoverningFigure;
import oldtallow.core.quantity.Length;
import oldtallow.core.sequence.NutSchool;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NutHubController {

    private final Register register;
    private final Figures figures;

    NutHubController(Register register, Figures figures) {
        this.register = register;
        this.figures = figures;
    }

    /** A wheel end as the nut dial wants to know it. */
    @GetMapping("/api/wheel-ends/{id}/nut")
    NutHubView hub(@PathVariable UUID id) {
        WheelEnd end = register.wheelEnd(id);
        List<GoverningFigure<FigureValue>> sequences =
                figures.ladder(end).getOrDefault(FigureKind.NUT_SEQUENCE, List.of());
        return NutHubView.of(
                end,
                sequences.stream().findFirst(),
                figures.endPlay(end).stream().map(FigureForm::of).toList());
    }

    /**
     * The nut of a wheel end.
     *
     * @param figures every end play window that could govern, common practice last; the first one does
     */
    record NutHubView(
            UUID id,
            String rigName,
            String position,
            String constructionWords,
            ThreadForm thread,
            LockForm lock,
            @Nullable Double washerThicknessMillimetres,
            NutSchool school,
            SequenceView sequence,
            List<FigureForm> figures) {

        static NutHubView of(WheelEnd end, Optional<GoverningFigure<FigureValue>> sequence, List<FigureForm> figures) {
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
                            .map(value -> value instanceof NutSequence asked ? asked.school() : end.school())
                            .orElse(end.school()),
                    SequenceView.of(sequence),
                    figures);
        }
    }

    /** Whose sequence governs, and what they say beyond the school. */
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
