package oldtallow.core.hub.section;

import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.RollerGeometry;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.WheelEndShape;

/**
 * Where things stand along the axis and how far out they reach, in mm; x from the outboard cone's back face inboard.
 * Clearances between parts are drawing choices, named here once.
 */
final class Layout {

    /** Between inboard cone and seal; on a grease-through spindle the cross hole opens there. */
    private static final double SEAL_GAP = 1.2;

    private static final double GREASE_THROUGH_SEAL_GAP = 6;
    /** By which a shoulder's inner edge clears the cup's race, so that a drift finds the cup. */
    private static final double DRIFT_LEDGE = 1.6;

    final WheelEndShape shape;
    final Construction construction;
    final double s;
    final double backFaces;
    final RollerGeometry outboardRollers;
    final RollerGeometry inboardRollers;
    /** Where the washer (or on a spacer-set upright the drive flange) stops and the nut begins. */
    final double nutFace;

    final double nutEnd;
    final double spindleEnd;
    final double sealStart;
    final double sealEnd;
    final double hubOutboardFace;
    final double inboardEnd;

    Layout(WheelEndShape shape) {
        this.shape = shape;
        construction = shape.construction();
        s = shape.scale();
        backFaces = size(HubDimension.BACK_FACE_DISTANCE);
        outboardRollers = RollerGeometry.of(shape.outboard());
        inboardRollers = RollerGeometry.of(shape.inboard());
        sealStart = backFaces + (construction == Construction.GREASE_THROUGH ? GREASE_THROUGH_SEAL_GAP : SEAL_GAP);
        sealEnd = sealStart + size(HubDimension.SEAL_WIDTH);
        inboardEnd = sealEnd + 3 + 8 * s + 12 * s;
        boolean spacerSet = construction == Construction.SPACER_SET;
        double flangeOutboard = spacerSet ? size(HubDimension.SEAL_WIDTH) + 8 + size(HubDimension.FLANGE_THICKNESS) : 0;
        nutFace = -flangeOutboard - size(HubDimension.WASHER_THICKNESS);
        nutEnd = nutFace - fastenerLength();
        spindleEnd = nutEnd - 3 * s;
        hubOutboardFace = hubOutboardFace();
    }

    double size(HubDimension dimension) {
        return shape.size(dimension);
    }

    double radius(HubDimension dimension) {
        return shape.size(dimension) / 2;
    }

    double threadRadius() {
        return shape.threadDiameter().millimetres() / 2;
    }

    BearingSet outboard() {
        return shape.outboard();
    }

    BearingSet inboard() {
        return shape.inboard();
    }

    /** Back of the outboard cup, against the hub's shoulder. */
    double outboardShoulder() {
        return outboard().width().millimetres();
    }

    /** Back of the inboard cup, against the hub's shoulder. */
    double inboardShoulder() {
        return backFaces - inboard().width().millimetres();
    }

    /** Inner edge of the shoulder behind a cup. */
    double ledge(BearingSet set, RollerGeometry rollers) {
        double race = rollers.radiusAt(rollers.raceAngle(), set.width().millimetres());
        return Math.min(race + DRIFT_LEDGE, set.outsideDiameter().millimetres() / 2 - 0.8);
    }

    double outboardLedge() {
        return ledge(outboard(), outboardRollers);
    }

    double inboardLedge() {
        return ledge(inboard(), inboardRollers);
    }

    /** Radius of the bore the cap sits in; the outboard cup has to pass through it. */
    double capRadius() {
        return Math.max(
                radius(HubDimension.CAP_BORE), outboard().outsideDiameter().millimetres() / 2);
    }

    /** Radius of the bore the seal sits in; the inboard cup has to pass through it. */
    double sealRadius() {
        return Math.max(
                radius(HubDimension.SEAL_BORE), inboard().outsideDiameter().millimetres() / 2);
    }

    double hubRadiusOutboard() {
        return Math.max(radius(HubDimension.HUB_OUTSIDE_OUTBOARD), capRadius() + 3);
    }

    double hubRadiusInboard() {
        return Math.max(radius(HubDimension.HUB_OUTSIDE_INBOARD), sealRadius() + 3);
    }

    double studRadius() {
        return Math.max(radius(HubDimension.STUD_CIRCLE), hubRadiusInboard() + radius(HubDimension.STUD_DIAMETER) + 3);
    }

    double flangeRadius() {
        return studRadius() + radius(HubDimension.STUD_DIAMETER) + 6 * s;
    }

    /** Outboard face of the wheel flange. */
    double flangeStart() {
        return outboardShoulder() + 0.4 * (inboardShoulder() - outboardShoulder());
    }

    double flangeEnd() {
        return flangeStart() + size(HubDimension.FLANGE_THICKNESS);
    }

    /** The hub is closed by a flange, not a cap: nut and lock lie inside it. */
    boolean closedByFlange() {
        return shape.fittings().cap() == CapKind.DRIVE_FLANGE
                || shape.fittings().cap() == CapKind.OIL_WINDOW;
    }

    private double fastenerLength() {
        double nut = size(HubDimension.NUT_HEIGHT);
        return switch (shape.fastening()) {
            case CASTLE_NUT -> nut;
            case NUT_AND_RETAINER -> nut + 2;
            case PUSH_ON_RETAINER -> nut + 2;
            case NUT_AND_TANG_WASHER -> nut;
            case RING_AND_LOCK_PLATE -> nut + 6;
            case TWO_NUTS -> 2 * nut + 2;
            case STAKED_NUT -> nut + 3;
        };
    }

    private double hubOutboardFace() {
        if (construction == Construction.SPACER_SET) {
            return -size(HubDimension.SEAL_WIDTH) - 2;
        }
        return closedByFlange() ? spindleEnd - 4 : -size(HubDimension.WASHER_THICKNESS) - 2;
    }
}
