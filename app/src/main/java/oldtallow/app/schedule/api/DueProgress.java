package oldtallow.app.schedule.api;

/** How far the dates are worked out. */
public interface DueProgress {

    /** Whether every date of every rig is worked out, so that what is not on a list is not due. */
    boolean isThrough();
}
