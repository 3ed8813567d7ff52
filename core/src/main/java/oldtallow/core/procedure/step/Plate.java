package oldtallow.core.procedure.step;

import java.util.EnumSet;
import java.util.Set;

/** A drawing of how a move is made; which one is right depends on the hub, so the plan says it. */
public enum Plate {
    CRACK_NUTS,
    STANDS,
    ROCK,
    SPIN,
    STAR,
    INDICATOR,
    INFRARED,
    CAP_OFF,
    STRAIGHTEN,
    BENT_LEGS,
    SLOT_AND_HOLE,
    TANG_WASHER,
    SHEET_CAP,
    LOCK_PLATE,
    STAKE,
    TWO_NUTS,
    HAND_ON_NUT,
    HOOK_CONE,
    LEVER_SEAL,
    DRIFT_CUP,
    WASH,
    WAY_ROUND,
    FINGERNAIL,
    PITTING,
    SPALLING,
    SCORING,
    BRINELLING,
    HEAT,
    WATER,
    GOOD,
    START_SQUARE,
    HIGH_SIDE,
    DRIVER_EDGE,
    OLD_AS_DRIVER,
    FEELER,
    WARM_HUB,
    PALM,
    PACKER,
    PURGE,
    PISTON,
    LIP_WAY,
    MARINE_WAY,
    UNITIZED_WAY,
    SEAT_TURNING,
    RELEASE,
    HALF_TURN,
    LOCK_AND_FREE,
    SPACER;

    private static final Set<Plate> TURN_THE_NUT =
            EnumSet.of(SLOT_AND_HOLE, HAND_ON_NUT, SEAT_TURNING, RELEASE, HALF_TURN, LOCK_AND_FREE);

    /** Whether it shows which way a nut is turned: drawn for right-hand threads, wrong for the others. */
    public boolean turnsTheNut() {
        return TURN_THE_NUT.contains(this);
    }
}
