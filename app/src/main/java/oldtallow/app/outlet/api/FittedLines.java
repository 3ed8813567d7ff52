package oldtallow.app.outlet.api;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.outlet.model.ServiceSheet.Line;
import oldtallow.app.register.api.FittedParts;
import oldtallow.app.register.api.GreaseFills;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.GreaseFill;
import oldtallow.app.register.model.WheelEnd;
import org.springframework.stereotype.Component;

/** What is fitted to a wheel end, and the grease that is in it, as lines of a sheet. */
@Component
class FittedLines {

    private final FittedParts fitted;
    private final GreaseFills greasings;

    FittedLines(FittedParts fitted, GreaseFills greasings) {
        this.fitted = fitted;
        this.greasings = greasings;
    }

    List<Line> of(WheelEnd end) {
        List<Line> lines = new ArrayList<>(
                fitted.fittedTo(end.id()).stream().map(FittedLines::part).toList());
        greasings.last(end.id()).ifPresent(fill -> lines.add(new Line("grease", grease(fill))));
        return lines;
    }

    private static Line part(FittedPart part) {
        return new Line(
                part.place().words(),
                Stream.of(
                                part.words(),
                                part.batch().isEmpty() ? "" : "batch " + part.batch(),
                                part.condition() == FittedPart.Condition.NEW ? "new" : "used before",
                                part.fittedOn() == null ? "" : "fitted " + SheetWords.day(part.fittedOn()))
                        .filter(words -> !words.isEmpty())
                        .collect(Collectors.joining(", ")));
    }

    private static String grease(GreaseFill fill) {
        return fill.grease().known()
                ? fill.grease().name() + ", " + fill.grease().thickener().words()
                        + (fill.batch().isEmpty() ? "" : ", batch " + fill.batch())
                : "not known";
    }
}
