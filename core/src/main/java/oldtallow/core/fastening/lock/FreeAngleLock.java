package oldtallow.core.fastening.lock;

/** Locks that hold the nut at any angle. */
public enum FreeAngleLock implements LockPattern {
    /** Tab washer bent both ways between two nuts; tightening the outer one takes up play: measure again. */
    TWO_NUTS,
    /** Thin collar staked into the spindle's slot; the nut is always new. */
    STAKED_COLLAR
}
