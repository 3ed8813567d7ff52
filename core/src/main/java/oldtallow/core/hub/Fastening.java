package oldtallow.core.hub;

import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.LockPlate;
import oldtallow.core.fastening.lock.PushOnRetainer;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.TangWasher;
import oldtallow.core.fastening.sequence.ProcedureId;

/** Nut and lock as they are seen from the side. */
public enum Fastening {
    CASTLE_NUT,
    /** Castellated sheet cap or pressed retainer over a plain nut, with a cotter. */
    NUT_AND_RETAINER,
    /** Retainer over the nut, keyed to a flat of the spindle; no cotter. */
    PUSH_ON_RETAINER,
    /** Tang washer under the nut. */
    NUT_AND_TANG_WASHER,
    /** Slotted ring nut, no washer, lock plate on screws. */
    RING_AND_LOCK_PLATE,
    TWO_NUTS,
    STAKED_NUT;

    public static Fastening of(LockPattern lock) {
        return switch (lock) {
            case CastleNut nut -> CASTLE_NUT;
            case SeatedRetainer retainer -> NUT_AND_RETAINER;
            case PushOnRetainer retainer -> PUSH_ON_RETAINER;
            case TangWasher washer -> NUT_AND_TANG_WASHER;
            case LockPlate plate -> RING_AND_LOCK_PLATE;
            case FreeAngleLock free -> free == FreeAngleLock.TWO_NUTS ? TWO_NUTS : STAKED_NUT;
        };
    }

    public boolean takesCotter() {
        return this == CASTLE_NUT || this == NUT_AND_RETAINER;
    }

    /** Whether the nut may stop at any angle. */
    public boolean holdsAnywhere() {
        return this == TWO_NUTS || this == STAKED_NUT;
    }

    /** Whether a washer of its own lies under the nut. */
    public boolean hasWasher() {
        return this != NUT_AND_TANG_WASHER && this != RING_AND_LOCK_PLATE;
    }

    /** Whether an adjustment procedure speaks of this lock's nut: the two-nut procedure needs two, the staked one a collar. */
    public boolean suits(ProcedureId procedure) {
        if (procedure.equals(ProcedureId.TWO_NUTS)) {
            return this == TWO_NUTS;
        }
        return !procedure.equals(ProcedureId.STAKED_NUT) || this == STAKED_NUT;
    }
}
