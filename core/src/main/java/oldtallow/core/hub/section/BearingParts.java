package oldtallow.core.hub.section;

import static oldtallow.core.hub.section.Point.at;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.RollerGeometry;
import oldtallow.core.hub.Fittings.Spacing;
import oldtallow.core.hub.section.Outline.Look;

/**
 * Cups and cones with their rollers at their true taper. Rib heights are assumed: 30 % of the roller's large end, 12 % of its
 * small one. A drawing, no formula of the trade; its geometry is {@link RollerGeometry}'s.
 */
final class BearingParts {

    private static final double BIG_RIB = 0.30;
    private static final double SMALL_RIB = 0.12;
    private static final double CHAMFER = 0.8;
    private static final double CAGE_THICKNESS = 0.7;
    private static final double CAGE_REACH = 1.1;

    private final BearingSet set;
    private final RollerGeometry rollers;
    private final double backFace;
    /** +1 outboard, whose small end points inboard; −1 inboard, its mirror image. */
    private final int direction;

    private BearingParts(BearingSet set, RollerGeometry rollers, double backFace, int direction) {
        this.set = set;
        this.rollers = rollers;
        this.backFace = backFace;
        this.direction = direction;
    }

    static List<SectionPart> of(Layout layout) {
        var inboard = new BearingParts(layout.inboard(), layout.inboardRollers, layout.backFaces, -1);
        var outboard = new BearingParts(layout.outboard(), layout.outboardRollers, 0, 1);
        boolean assumed = !layout.shape.bearingsKnown();
        List<SectionPart> parts = new ArrayList<>();
        parts.add(SectionPart.of(PartName.INBOARD_CUP, assumed, inboard.cup()));
        parts.add(new SectionPart(PartName.INBOARD_CONE, assumed, inboard.cone()));
        parts.add(SectionPart.of(PartName.OUTBOARD_CUP, assumed, outboard.cup()));
        parts.add(new SectionPart(PartName.OUTBOARD_CONE, assumed, outboard.cone()));
        if (layout.shape.fittings().spacing() == Spacing.SPACER) {
            double bore = layout.outboard().bore().millimetres() / 2;
            parts.add(SectionPart.of(
                    PartName.SPACER,
                    assumed,
                    Outline.box(
                            Look.CUT,
                            layout.outboard().coneWidth().millimetres(),
                            layout.backFaces - layout.inboard().coneWidth().millimetres(),
                            bore,
                            bore + 3.5)));
        }
        return parts;
    }

    /** How far cone, rollers and cage reach from the cone's back face, mm. */
    static double coneReach(BearingSet set, RollerGeometry rollers) {
        return new BearingParts(set, rollers, 0, 1)
                .cone().stream()
                        .flatMap(outline -> outline.points().stream())
                        .mapToDouble(Point::x)
                        .max()
                        .orElseThrow();
    }

    /** Spans T − C to T from the cone's back face; thick end inward, against the hub's shoulder. */
    private Outline cup() {
        double thick = set.width().millimetres();
        double thin = thick - set.cupWidth().millimetres();
        double outside = set.outsideDiameter().millimetres() / 2;
        return outline(
                Look.CUT,
                at(thin, outside),
                at(thick - CHAMFER, outside),
                at(thick, outside - CHAMFER),
                at(thick, rollers.radiusAt(rollers.raceAngle(), thick)),
                at(thin, rollers.radiusAt(rollers.raceAngle(), thin)));
    }

    private List<Outline> cone() {
        double half = rollers.halfRollerAngle();
        double near = rollers.pitchCone() - rollers.rollerLength() / 2;
        double far = rollers.pitchCone() + rollers.rollerLength() / 2;
        Point raceNear = polar(near / Math.cos(half), rollers.coneRaceAngle());
        Point raceFar = polar(far / Math.cos(half), rollers.coneRaceAngle());
        Point cupNear = polar(near / Math.cos(half), rollers.raceAngle());
        Point cupFar = polar(far / Math.cos(half), rollers.raceAngle());
        Point bigRib = raceFar.towards(cupFar, BIG_RIB);
        Point smallRib = raceNear.towards(cupNear, SMALL_RIB);
        double bore = set.bore().millimetres() / 2;
        double smallEnd = Math.max(set.coneWidth().millimetres(), smallRib.x() + 0.3);
        Outline ring = outline(
                Look.CUT,
                at(CHAMFER, bore),
                at(0, bore + CHAMFER),
                at(0, bigRib.y()),
                bigRib,
                raceFar,
                raceNear,
                smallRib,
                at(smallEnd, smallRib.y()),
                at(smallEnd, bore));
        Outline roller = outline(Look.WHOLE, raceNear, raceFar, cupFar, cupNear);
        return List.of(ring, roller, cage(raceNear, cupNear, near, -1), cage(raceFar, cupFar, far, 1));
    }

    /** The cage's edge beyond one end of the roller, just outside its axis. */
    private Outline cage(Point race, Point cup, double distance, int outward) {
        if (distance <= 0) {
            throw new IllegalStateException("a roller beyond its apex");
        }
        Point inner = race.towards(cup, 0.52);
        Point outer = race.towards(cup, 0.52 + CAGE_THICKNESS / Math.hypot(cup.x() - race.x(), cup.y() - race.y()));
        double alongX = -Math.cos(rollers.rollerAngle()) * outward * CAGE_REACH;
        double alongY = Math.sin(rollers.rollerAngle()) * outward * CAGE_REACH;
        return outline(Look.CUT, inner, outer, outer.by(alongX, alongY), inner.by(alongX, alongY));
    }

    /** A point at a distance from the apex along a line at an angle, seen from the back face. */
    private Point polar(double distance, double angle) {
        return at(rollers.apex() - distance * Math.cos(angle), distance * Math.sin(angle));
    }

    /** As seen from this bearing's back face, growing inward. */
    private Outline outline(Look look, Point... seen) {
        return Outline.of(
                look,
                Stream.of(seen)
                        .map(point -> at(backFace + direction * point.x(), point.y()))
                        .toArray(Point[]::new));
    }
}
