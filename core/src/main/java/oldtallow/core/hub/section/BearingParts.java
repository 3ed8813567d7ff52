package oldtallow.core.hub.section;

import java.util.ArrayList;
import java.util.List;
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
                thin,
                outside,
                thick - CHAMFER,
                outside,
                thick,
                outside - CHAMFER,
                thick,
                rollers.radiusAt(rollers.raceAngle(), thick),
                thin,
                rollers.radiusAt(rollers.raceAngle(), thin));
    }

    private List<Outline> cone() {
        double half = rollers.halfRollerAngle();
        double near = rollers.pitchCone() - rollers.rollerLength() / 2;
        double far = rollers.pitchCone() + rollers.rollerLength() / 2;
        double[] raceNear = polar(near / Math.cos(half), rollers.coneRaceAngle());
        double[] raceFar = polar(far / Math.cos(half), rollers.coneRaceAngle());
        double[] cupNear = polar(near / Math.cos(half), rollers.raceAngle());
        double[] cupFar = polar(far / Math.cos(half), rollers.raceAngle());
        double[] bigRib = between(raceFar, cupFar, BIG_RIB);
        double[] smallRib = between(raceNear, cupNear, SMALL_RIB);
        double bore = set.bore().millimetres() / 2;
        double smallEnd = Math.max(set.coneWidth().millimetres(), smallRib[0] + 0.3);
        Outline ring = outline(
                Look.CUT,
                CHAMFER,
                bore,
                0,
                bore + CHAMFER,
                0,
                bigRib[1],
                bigRib[0],
                bigRib[1],
                raceFar[0],
                raceFar[1],
                raceNear[0],
                raceNear[1],
                smallRib[0],
                smallRib[1],
                smallEnd,
                smallRib[1],
                smallEnd,
                bore);
        Outline roller = outline(
                Look.WHOLE,
                raceNear[0],
                raceNear[1],
                raceFar[0],
                raceFar[1],
                cupFar[0],
                cupFar[1],
                cupNear[0],
                cupNear[1]);
        return List.of(ring, roller, cage(raceNear, cupNear, near, -1), cage(raceFar, cupFar, far, 1));
    }

    /** The cage's edge beyond one end of the roller, just outside its axis. */
    private Outline cage(double[] race, double[] cup, double distance, int outward) {
        double[] inner = between(race, cup, 0.52);
        double thickness = CAGE_THICKNESS / Math.hypot(cup[0] - race[0], cup[1] - race[1]);
        double[] outer = between(race, cup, 0.52 + thickness);
        double alongX = -Math.cos(rollers.rollerAngle()) * outward * CAGE_REACH;
        double alongY = Math.sin(rollers.rollerAngle()) * outward * CAGE_REACH;
        if (distance <= 0) {
            throw new IllegalStateException("a roller beyond its apex");
        }
        return outline(
                Look.CUT,
                inner[0],
                inner[1],
                outer[0],
                outer[1],
                outer[0] + alongX,
                outer[1] + alongY,
                inner[0] + alongX,
                inner[1] + alongY);
    }

    /** A point at a distance from the apex along a line at an angle: u from the back face, radius. */
    private double[] polar(double distance, double angle) {
        return new double[] {rollers.apex() - distance * Math.cos(angle), distance * Math.sin(angle)};
    }

    private static double[] between(double[] a, double[] b, double share) {
        return new double[] {a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share};
    }

    private Outline outline(Look look, double... ur) {
        double[] xy = ur.clone();
        for (int i = 0; i < xy.length; i += 2) {
            xy[i] = backFace + direction * xy[i];
        }
        return Outline.of(look, xy);
    }
}
