package oldtallow.core.schedule.figure;

/** Whose figure it is; the first that has one governs. */
public enum Authority {
    /** The maker's figure for this very rig, with its source. */
    MAKER,
    /** The workshop's own rule. */
    WORKSHOP,
    /** What the trade commonly does; no single source. */
    COMMON_PRACTICE
}
