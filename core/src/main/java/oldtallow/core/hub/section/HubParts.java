package oldtallow.core.hub.section;

import static oldtallow.core.hub.section.Point.at;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.RollerGeometry;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.section.Outline.Look;

/** The hub (on a spacer-set car the upright), its cavity and its wheel studs. */
final class HubParts {

    /** How far the shoulder's ledge reaches before the cavity widens or narrows. */
    private static final double LEDGE = 3;
    /** What a stud stands out of its flange, in radii; assumed. */
    private static final double STUD_LENGTH = 4;

    private HubParts() {}

    static List<SectionPart> of(Layout layout) {
        boolean assumed = layout.shape.assumes(
                HubDimension.HUB_OUTSIDE_INBOARD,
                HubDimension.HUB_OUTSIDE_OUTBOARD,
                HubDimension.FLANGE_THICKNESS,
                HubDimension.BACK_FACE_DISTANCE);
        List<SectionPart> parts = new ArrayList<>();
        parts.add(SectionPart.of(PartName.CAVITY, assumed, cavity(layout)));
        if (layout.construction == Construction.SPACER_SET) {
            parts.add(SectionPart.of(PartName.HUB, assumed, upright(layout)));
        } else {
            parts.add(SectionPart.of(PartName.HUB, assumed, hub(layout), flangeTip(layout)));
            parts.add(SectionPart.of(
                    PartName.STUD,
                    layout.shape.assumes(HubDimension.STUD_CIRCLE, HubDimension.STUD_DIAMETER),
                    stud(layout)));
        }
        return parts;
    }

    /** The bore from the outboard face to the inboard one. */
    private static List<Point> bore(Layout layout) {
        double outboardCup = layout.outboard().outsideDiameter().millimetres() / 2;
        double inboardCup = layout.inboard().outsideDiameter().millimetres() / 2;
        double step = layout.outboardShoulder() - layout.outboard().cupWidth().millimetres() - 0.5;
        double outboardEntry = layout.construction == Construction.SPACER_SET ? outboardCup : layout.capRadius();
        List<Point> points = new ArrayList<>();
        points.add(new Point(layout.hubOutboardFace, outboardEntry));
        points.add(new Point(step, outboardEntry));
        points.add(new Point(step, outboardCup));
        points.add(new Point(layout.outboardShoulder(), outboardCup));
        points.addAll(ledges(layout));
        points.add(new Point(layout.inboardShoulder(), inboardCup));
        points.add(new Point(layout.sealStart - 0.3, inboardCup));
        points.add(new Point(layout.sealStart - 0.3, layout.sealRadius()));
        points.add(new Point(layout.sealEnd, layout.sealRadius()));
        return points;
    }

    /** Height of a line that runs inboard, at an x on it. */
    private static double heightAt(List<Point> line, double x) {
        for (int i = 1; i < line.size(); i++) {
            Point before = line.get(i - 1);
            Point after = line.get(i);
            if (x <= after.x()) {
                double share = Math.max(0, (x - before.x()) / (after.x() - before.x()));
                return before.y() + share * (after.y() - before.y());
            }
        }
        return line.getLast().y();
    }

    private static List<Point> ledges(Layout layout) {
        double room = (layout.inboardShoulder() - layout.outboardShoulder()) / 2;
        double ledge = Math.min(LEDGE, room * 0.9);
        return List.of(
                new Point(layout.outboardShoulder(), layout.outboardLedge()),
                new Point(layout.outboardShoulder() + ledge, layout.outboardLedge()),
                new Point(layout.inboardShoulder() - ledge, layout.inboardLedge()),
                new Point(layout.inboardShoulder(), layout.inboardLedge()));
    }

    private static Outline hub(Layout layout) {
        List<Point> points = new ArrayList<>(bore(layout));
        double hole = layout.studRadius() - layout.radius(HubDimension.STUD_DIAMETER);
        points.add(new Point(layout.sealEnd, layout.hubRadiusInboard()));
        points.add(new Point(layout.flangeEnd(), layout.hubRadiusInboard()));
        points.add(new Point(layout.flangeEnd(), hole));
        points.add(new Point(layout.flangeStart(), hole));
        points.add(new Point(layout.flangeStart(), layout.hubRadiusInboard()));
        points.add(new Point(
                Math.min(layout.outboardShoulder(), layout.flangeStart() - 1),
                Math.max(
                        layout.hubRadiusOutboard(),
                        layout.outboard().outsideDiameter().millimetres() / 2 + 4)));
        points.add(new Point(layout.hubOutboardFace, layout.hubRadiusOutboard()));
        return new Outline(Look.CUT, points);
    }

    private static Outline flangeTip(Layout layout) {
        return Outline.box(
                Look.CUT,
                layout.flangeStart(),
                layout.flangeEnd(),
                layout.studRadius() + layout.radius(HubDimension.STUD_DIAMETER),
                layout.flangeRadius());
    }

    private static Outline stud(Layout layout) {
        double middle = layout.studRadius();
        double half = layout.radius(HubDimension.STUD_DIAMETER);
        double head = layout.flangeEnd() + half * 1.1;
        double end = layout.flangeStart() - half * STUD_LENGTH;
        return Outline.of(
                Look.WHOLE,
                at(end + 1, middle - half),
                at(layout.flangeEnd(), middle - half),
                at(layout.flangeEnd(), middle - half * 1.5),
                at(head, middle - half * 1.5),
                at(head, middle + half * 1.5),
                at(layout.flangeEnd(), middle + half * 1.5),
                at(layout.flangeEnd(), middle + half),
                at(end + 1, middle + half),
                at(end, middle + half - 1),
                at(end, middle - half + 1));
    }

    private static Outline upright(Layout layout) {
        List<Point> points = new ArrayList<>(bore(layout));
        points.add(new Point(layout.sealEnd, layout.hubRadiusInboard()));
        points.add(new Point(layout.hubOutboardFace, layout.hubRadiusInboard()));
        return new Outline(Look.CUT, points);
    }

    /** Where the cavity begins beside a cone, from its back face: rollers of a steep race stand out of it. */
    private static double beyond(BearingSet set, RollerGeometry rollers) {
        return Math.max(set.coneWidth().millimetres() + 1.5, BearingParts.coneReach(set, rollers) + 0.3);
    }

    /** The room between the bearings that grease can fill, between hub and spindle. */
    private static Outline cavity(Layout layout) {
        double from = beyond(layout.outboard(), layout.outboardRollers);
        double to = layout.backFaces - beyond(layout.inboard(), layout.inboardRollers);
        double start = Math.max(from, layout.outboardShoulder());
        double end = Math.min(to, layout.inboardShoulder());
        double inner = layout.construction == Construction.SPACER_SET ? 3.5 : 0;
        double spindleStart = layout.outboard().bore().millimetres() / 2 + inner;
        double spindleEnd = layout.inboard().bore().millimetres() / 2 + inner;
        double slope = (spindleEnd - spindleStart) / (to - from);
        List<Point> points = new ArrayList<>();
        points.add(new Point(start, spindleStart + slope * (start - from)));
        points.add(new Point(end, spindleStart + slope * (end - from)));
        List<Point> upper = new ArrayList<>();
        List<Point> ledges = ledges(layout);
        upper.add(new Point(start, heightAt(ledges, start)));
        ledges.stream().filter(point -> point.x() > start && point.x() < end).forEach(upper::add);
        upper.add(new Point(end, heightAt(ledges, end)));
        points.addAll(upper.reversed());
        return new Outline(Look.SPACE, points);
    }
}
