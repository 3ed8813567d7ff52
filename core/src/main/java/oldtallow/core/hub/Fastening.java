package oldtallow.core.hub;

import oldtallow.core.lock.CastleNut;
import oldtallow.core.lock.FreeAngleLock;
import oldtallow.core.lock.LockPattern;
import oldtallow.core.lock.LockPlate;
import oldtallow.core.lock.SeatedRetainer;
import oldtallow.core.lock.TangWasher;

/** Nut and lock as they are seen from the side. */
public enum Fastening {
    CASTLE_NUT,
    NUT_AND_RETAINER,
    NUT_AND_TANG_WASHER,
    RING_AND_LOCK_PLATE,
    TWO_NUTS,
    STAKED_NUT;

    public static Fastening of(LockPattern lock) {
        return switch (lock) {
            case CastleNut nut -> CASTLE_NUT;
            case SeatedRetainer retainer -> NUT_AND_RETAINER;
            case TangWasher washer -> NUT_AND_TANG_WASHER;
            case LockPlate plate -> RING_AND_LOCK_PLATE;
            case FreeAngleLock free -> free == FreeAngleLock.TWO_NUTS ? TWO_NUTS : STAKED_NUT;
        };
    }
}
