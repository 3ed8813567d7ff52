package oldtallow.core.interval;

/** How a wheel end stands, worst first. */
public enum HubState {
    /** The last setting on record leaves it outside its window. */
    OUTSIDE_WINDOW,
    OVERDUE,
    /** No setting on record: nobody knows. */
    NO_RECORD,
    DUE_SOON,
    FINE
}
