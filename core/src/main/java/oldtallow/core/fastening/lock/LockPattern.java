package oldtallow.core.fastening.lock;

/**
 * What keeps the nut where it was set. It carries no load; it decides at which angles the nut may stop.
 *
 * <p>Angles run in the loosening direction as seen from outside: anticlockwise on a right-hand thread.
 */
public sealed interface LockPattern permits SteppedLock, FreeAngleLock {}
