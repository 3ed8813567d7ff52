package oldtallow.app.register.web;

import java.util.List;
import oldtallow.app.register.model.DrawnSection;
import oldtallow.app.units.LengthView;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.hub.section.Outline;
import oldtallow.core.hub.section.PartName;
import oldtallow.core.hub.section.Point;
import oldtallow.core.hub.section.Section;
import oldtallow.core.hub.section.SectionMeasure;
import oldtallow.core.hub.section.SectionPart;

/**
 * A half-section in mm: x from the outboard cone's back face inboard, y from the axis outward.
 *
 * @param parts in the order they are drawn
 * @param bearingsKnown false where a usual set stands in for one nobody has read yet
 * @param brakeMovedIn whether a drum or disc stands closer to the hub than it does
 */
record SectionView(
        double leastX,
        double mostX,
        double mostY,
        List<SectionPartView> parts,
        List<MeasureView> measures,
        String inboardSet,
        String outboardSet,
        boolean bearingsKnown,
        boolean brakeMovedIn) {

    static SectionView of(DrawnSection drawn) {
        Section section = drawn.section();
        WheelEndShape shape = drawn.shape();
        return new SectionView(
                section.leastX(),
                section.mostX(),
                section.mostY(),
                section.parts().stream().map(SectionPartView::of).toList(),
                section.measures().stream().map(MeasureView::of).toList(),
                shape.inboard().designation().toString(),
                shape.outboard().designation().toString(),
                shape.bearingsKnown(),
                section.part(PartName.BRAKE).isPresent());
    }

    /** A part. Assumed: some size it is drawn from was filled in. */
    record SectionPartView(PartName name, String words, boolean assumed, List<OutlineView> outlines) {

        static SectionPartView of(SectionPart part) {
            return new SectionPartView(
                    part.name(),
                    part.name().words(),
                    part.assumed(),
                    part.outlines().stream().map(OutlineView::of).toList());
        }
    }

    /** A closed line, as x, y, x, y … */
    record OutlineView(Outline.Look look, List<Double> points) {

        static OutlineView of(Outline outline) {
            return new OutlineView(
                    outline.look(),
                    outline.points().stream()
                            .flatMap(point -> List.of(micrometre(point.x()), micrometre(point.y())).stream())
                            .toList());
        }

        /** Nothing is drawn finer, and the page stays small. */
        private static double micrometre(double millimetres) {
            return Math.rint(millimetres * 1000) / 1000;
        }
    }

    record MeasureView(
            String words, LengthView length, boolean assumed, boolean diameter, PointView from, PointView to) {

        static MeasureView of(SectionMeasure measure) {
            return new MeasureView(
                    measure.words(),
                    LengthView.of(measure.length()),
                    measure.assumed(),
                    measure.diameter(),
                    PointView.of(measure.from()),
                    PointView.of(measure.to()));
        }
    }

    record PointView(double x, double y) {

        static PointView of(Point point) {
            return new PointView(point.x(), point.y());
        }
    }
}
