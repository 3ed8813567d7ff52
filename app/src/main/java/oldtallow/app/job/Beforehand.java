package oldtallow.app.job;

import oldtallow.app.figures.Figures;
import oldtallow.app.fitted.FittedParts;
import oldtallow.app.greasing.GreaseFills;
import oldtallow.app.register.WheelEnd;
import oldtallow.core.figure.Authority;
import oldtallow.core.figure.FigureKind;
import oldtallow.core.job.JobBrief.Known;
import org.springframework.stereotype.Component;

/** What the records say of a wheel end before a job begins. */
@Component
class Beforehand {

    private final FittedParts fitted;
    private final Figures figures;
    private final GreaseFills greasings;

    Beforehand(FittedParts fitted, Figures figures, GreaseFills greasings) {
        this.fitted = fitted;
        this.figures = figures;
        this.greasings = greasings;
    }

    Known of(WheelEnd end) {
        boolean bearings = fitted.fittedTo(end.id()).stream()
                        .filter(part -> part.place().isBearing() && part.set().isPresent())
                        .count()
                == 2;
        boolean makers = figures.ladder(end).entrySet().stream()
                .filter(one -> one.getKey() == FigureKind.NUT_SEQUENCE || one.getKey() == FigureKind.END_PLAY)
                .flatMap(one -> one.getValue().stream())
                .anyMatch(figure -> figure.authority() == Authority.MAKER);
        boolean grease =
                greasings.last(end.id()).filter(fill -> fill.grease().known()).isPresent();
        return new Known(bearings, makers, grease);
    }
}
