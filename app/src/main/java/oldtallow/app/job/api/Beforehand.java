package oldtallow.app.job.api;

import java.util.Set;
import java.util.stream.Stream;
import oldtallow.app.register.api.Catalogue;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.FittedParts;
import oldtallow.app.register.api.GreaseFills;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.procedure.brief.JobBrief.Known;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureKind;
import org.springframework.stereotype.Component;

/** What the records say of a wheel end before a job begins. */
@Component
class Beforehand {

    private final FittedParts fitted;
    private final Catalogue catalogue;
    private final Figures figures;
    private final GreaseFills greasings;

    Beforehand(FittedParts fitted, Catalogue catalogue, Figures figures, GreaseFills greasings) {
        this.fitted = fitted;
        this.catalogue = catalogue;
        this.figures = figures;
        this.greasings = greasings;
    }

    Known of(WheelEnd end) {
        Set<SetDesignation> onFile = catalogue.designations();
        boolean bearings = fitted.fittedTo(end.id()).stream()
                        .filter(part -> part.place().isBearing()
                                && part.set().filter(onFile::contains).isPresent())
                        .count()
                == 2;
        boolean makers = Stream.of(FigureKind.NUT_SEQUENCE, FigureKind.END_PLAY)
                .flatMap(kind -> figures.ladder(end, kind).stream())
                .anyMatch(figure -> figure.authority() == Authority.MAKER);
        boolean grease =
                greasings.last(end.id()).filter(fill -> fill.grease().known()).isPresent();
        return new Known(bearings, makers, grease);
    }
}
