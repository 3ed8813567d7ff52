package oldtallow.core.hub.section;

import static oldtallow.core.hub.section.Point.at;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.section.Outline.Look;
import oldtallow.core.quantity.Length;

/** What does not turn, or turns within: spindle or driveshaft, half shaft, grease channel. */
final class SpindleParts {

    /** Half the bore of a grease channel, and the width of its cross hole. */
    private static final double CHANNEL = 1.8;
    /** Air between a hollow spindle and the shaft through it. */
    private static final double SHAFT_AIR = 2;
    /** Run-out of a seat before the spindle changes its diameter. */
    private static final double RUN_OUT = 1.5;

    private SpindleParts() {}

    static List<SectionPart> of(Layout layout) {
        boolean assumed =
                layout.shape.assumes(HubDimension.BACK_FACE_DISTANCE, HubDimension.SEAL_LAND, HubDimension.SHOULDER)
                        || !layout.shape.bearingsKnown();
        List<SectionPart> parts = new ArrayList<>();
        if (layout.construction == Construction.SPACER_SET) {
            parts.add(SectionPart.of(PartName.DRIVESHAFT, assumed, driveshaft(layout)));
        } else if (layout.construction.isDriven()) {
            double bore = layout.radius(HubDimension.SHAFT_DIAMETER) + SHAFT_AIR;
            parts.add(SectionPart.of(PartName.SPINDLE, assumed, spindle(layout, layout.spindleEnd, bore)));
            parts.addAll(shaft(layout));
        } else if (layout.construction == Construction.GREASE_THROUGH) {
            parts.addAll(drilled(layout, assumed));
        } else {
            parts.add(SectionPart.of(PartName.SPINDLE, assumed, spindle(layout, layout.spindleEnd, 0)));
        }
        return parts;
    }

    static List<SectionMeasure> measures(Layout layout) {
        double land = (layout.sealStart + layout.sealEnd) / 2;
        double belowThread = (layout.spindleEnd + layout.nutFace) / 2;
        List<SectionMeasure> measures = new ArrayList<>();
        measures.add(across("spindle thread", layout.shape.threadDiameter().millimetres(), false, belowThread));
        measures.add(across(
                layout,
                HubDimension.OUTBOARD_SEAT,
                layout.outboard().coneWidth().millimetres() / 2));
        measures.add(across(
                layout,
                HubDimension.INBOARD_SEAT,
                layout.backFaces - layout.inboard().coneWidth().millimetres() / 2));
        measures.add(across(layout, HubDimension.SEAL_LAND, land));
        measures.add(new SectionMeasure(
                HubDimension.BACK_FACE_DISTANCE.words(),
                Length.ofMillimetres(layout.backFaces),
                layout.shape.assumes(HubDimension.BACK_FACE_DISTANCE),
                false,
                new Point(0, 0),
                new Point(layout.backFaces, 0)));
        return measures;
    }

    private static SectionMeasure across(Layout layout, HubDimension dimension, double x) {
        return across(dimension.words(), layout.size(dimension), layout.shape.assumes(dimension), x);
    }

    private static SectionMeasure across(String words, double diameter, boolean assumed, double x) {
        return new SectionMeasure(
                words,
                Length.ofMillimetres(diameter),
                assumed,
                true,
                new Point(x, -diameter / 2),
                new Point(x, diameter / 2));
    }

    /** The whole spindle from its end to the break at the axle, over a bore (0 where it is solid). */
    private static Outline spindle(Layout layout, double end, double bore) {
        List<Point> points = new ArrayList<>();
        points.add(new Point(layout.inboardEnd, bore));
        points.add(new Point(end, bore));
        points.addAll(upperEdge(layout, end));
        return new Outline(Look.CUT, points);
    }

    /** Thread, outboard seat, step, inboard seat, seal land, shoulder, axle. */
    private static List<Point> upperEdge(Layout layout, double end) {
        double thread = layout.threadRadius();
        double outboard = seat(
                layout.radius(HubDimension.OUTBOARD_SEAT),
                layout.outboard().bore().millimetres());
        double inboard = seat(
                layout.radius(HubDimension.INBOARD_SEAT),
                layout.inboard().bore().millimetres());
        double land = layout.radius(HubDimension.SEAL_LAND);
        double shoulder = layout.sealEnd + 3;
        double shoulderRadius = Math.max(layout.radius(HubDimension.SHOULDER), land + 1);
        double axle = shoulder + 8 * layout.s;
        return List.of(
                new Point(end, thread - 1),
                new Point(end + 1, thread),
                new Point(0, Math.min(thread, outboard)),
                new Point(0, outboard),
                new Point(layout.outboard().coneWidth().millimetres() + RUN_OUT, outboard),
                new Point(layout.backFaces - layout.inboard().coneWidth().millimetres() - RUN_OUT, inboard),
                new Point(layout.backFaces, inboard),
                new Point(layout.backFaces, land),
                new Point(shoulder, land),
                new Point(shoulder, shoulderRadius),
                new Point(axle, shoulderRadius),
                new Point(axle, (land + shoulderRadius) / 2),
                new Point(layout.inboardEnd, (land + shoulderRadius) / 2));
    }

    /** A seat is drawn no thicker than the cone that slides on it. */
    private static double seat(double radius, double bore) {
        return Math.min(radius, bore / 2);
    }

    /** A grease-through spindle: a channel from the nipple along the axis, and a cross hole behind the inboard cone. */
    private static List<SectionPart> drilled(Layout layout, boolean assumed) {
        double hole = layout.backFaces + 1.5;
        double land = layout.radius(HubDimension.SEAL_LAND);
        List<Point> outer = new ArrayList<>();
        outer.add(new Point(layout.spindleEnd, CHANNEL));
        List<Point> edge = upperEdge(layout, layout.spindleEnd);
        edge.stream().takeWhile(point -> point.x() <= layout.backFaces).forEach(outer::add);
        outer.add(new Point(hole, land));
        outer.add(new Point(hole, CHANNEL));
        List<Point> inner = new ArrayList<>();
        inner.add(new Point(layout.inboardEnd, 0));
        inner.add(new Point(hole + CHANNEL, 0));
        inner.add(new Point(hole + CHANNEL, land));
        edge.stream().dropWhile(point -> point.x() <= layout.backFaces).forEach(inner::add);
        Outline channel = Outline.of(
                Look.SPACE,
                at(layout.spindleEnd, 0),
                at(hole + CHANNEL, 0),
                at(hole + CHANNEL, land),
                at(hole, land),
                at(hole, CHANNEL),
                at(layout.spindleEnd, CHANNEL));
        return List.of(
                SectionPart.of(PartName.SPINDLE, assumed, new Outline(Look.CUT, outer), new Outline(Look.CUT, inner)),
                SectionPart.of(PartName.GREASE_CHANNEL, true, channel));
    }

    private static Outline driveshaft(Layout layout) {
        double shaft = layout.radius(HubDimension.SHAFT_DIAMETER);
        double land = layout.radius(HubDimension.SEAL_LAND);
        double shoulder = layout.sealEnd + 3;
        double shoulderRadius = Math.max(layout.radius(HubDimension.SHOULDER), land + 1);
        return Outline.of(
                Look.CUT,
                at(layout.inboardEnd, 0),
                at(layout.spindleEnd, 0),
                at(layout.spindleEnd, layout.threadRadius() - 1),
                at(layout.spindleEnd + 1, layout.threadRadius()),
                at(layout.nutFace, layout.threadRadius()),
                at(layout.nutFace, Math.min(shaft, layout.threadRadius())),
                at(layout.backFaces, Math.min(shaft, layout.threadRadius())),
                at(layout.backFaces, land),
                at(shoulder, land),
                at(shoulder, shoulderRadius),
                at(layout.inboardEnd, shoulderRadius));
    }

    /** The driven shaft through a hollow spindle; a full-floating half shaft is one piece with its flange. */
    private static List<SectionPart> shaft(Layout layout) {
        double radius = layout.radius(HubDimension.SHAFT_DIAMETER);
        boolean assumed = layout.shape.assumes(HubDimension.SHAFT_DIAMETER);
        double gasket = layout.hubOutboardFace - ClosureParts.GASKET_THICKNESS;
        double plate = gasket - layout.size(HubDimension.FLANGE_THICKNESS) * 0.9;
        if (layout.construction == Construction.FULL_FLOATING_REAR) {
            Outline whole = Outline.of(
                    Look.WHOLE,
                    at(layout.inboardEnd, 0),
                    at(plate - 4, 0),
                    at(plate - 4, radius + 2),
                    at(plate, radius + 4),
                    at(plate, layout.hubRadiusOutboard()),
                    at(gasket, layout.hubRadiusOutboard()),
                    at(gasket, radius + 4),
                    at(gasket + 1, radius),
                    at(layout.inboardEnd, radius));
            double stub = layout.spindleEnd + 2;
            return List.of(
                    SectionPart.of(PartName.HALF_SHAFT, assumed, whole),
                    SectionPart.of(
                            PartName.STUB_SEAL,
                            true,
                            Outline.box(Look.CUT, stub, stub + 5, radius, radius + SHAFT_AIR)));
        }
        return List.of(SectionPart.of(
                PartName.HALF_SHAFT, assumed, Outline.box(Look.WHOLE, plate - 7, layout.inboardEnd, 0, radius)));
    }
}
