package oldtallow.core.hub.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import oldtallow.core.hub.WheelEndShape;

/**
 * A wheel end cut open along its axis, upper half; outboard on the left. All outlines are to one scale, except that drum and
 * disc stand closer to the hub than they do (a break line says so).
 *
 * @param parts in the order they are drawn, later ones over earlier
 * @param measures sizes to be written in
 */
public record Section(List<SectionPart> parts, List<SectionMeasure> measures) {

    public static Section of(WheelEndShape shape) {
        var layout = new Layout(shape);
        List<SectionPart> parts = new ArrayList<>();
        parts.addAll(BrakeParts.of(layout));
        parts.addAll(HubParts.of(layout));
        parts.addAll(SpindleParts.of(layout));
        parts.addAll(BearingParts.of(layout));
        parts.addAll(ClosureParts.of(layout));
        parts.addAll(NutParts.of(layout));
        return new Section(List.copyOf(parts), SpindleParts.measures(layout));
    }

    public Optional<SectionPart> part(PartName name) {
        return parts.stream().filter(part -> part.name() == name).findFirst();
    }

    public double leastX() {
        return bound(point -> -point.x()) * -1;
    }

    public double mostX() {
        return bound(Point::x);
    }

    public double mostY() {
        return bound(Point::y);
    }

    private double bound(ToDoubleFunction<Point> of) {
        return parts.stream()
                .flatMap(part -> part.outlines().stream())
                .flatMap(outline -> outline.points().stream())
                .mapToDouble(of)
                .max()
                .orElse(0);
    }
}
