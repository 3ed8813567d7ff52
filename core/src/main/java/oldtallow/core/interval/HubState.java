package oldtallow.core.interval;

/** How a wheel end stands, worst first. */
public enum HubState {
    /** The last setting on record leaves it outside its window. */
    OUTSIDE_WINDOW,
    /** An apprentice set it last; a mechanic has yet to answer for it. */
    AWAITS_SIGN_OFF,
    OVERDUE,
    /** No setting on record: nobody knows. */
    NO_RECORD,
    DUE_SOON,
    FINE
}
