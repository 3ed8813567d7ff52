package oldtallow.core.travel.trip;

import java.util.Optional;
import oldtallow.core.schedule.interval.HubState;

/**
 * What speaks against taking a hub on a trip as it stands, worst first. What falls due around the trip has its own
 * {@link TripAdvice}. Common practice.
 */
public enum TripDoubt {
    OUTSIDE_WINDOW(HubState.OUTSIDE_WINDOW.words()),
    APART("a job on it is not over: finish it"),
    AWAITS_SIGN_OFF(HubState.AWAITS_SIGN_OFF.words()),
    NOT_SET("nobody knows how the nut was left: set it and put it on record"),
    NO_RECORD(HubState.NO_RECORD.words());

    private final String words;

    TripDoubt(String words) {
        this.words = words;
    }

    /** As goes on from the hub's name. */
    public String words() {
        return words;
    }

    /**
     * What speaks most against a hub.
     *
     * @param state as the yard shows it
     * @param isSet whether a setting is on record, or a spacer sets the play and there is none to record
     * @param isApart whether a job on it is not over
     */
    public static Optional<TripDoubt> of(HubState state, boolean isSet, boolean isApart) {
        if (state == HubState.OUTSIDE_WINDOW) {
            return Optional.of(OUTSIDE_WINDOW);
        }
        if (isApart) {
            return Optional.of(APART);
        }
        if (state == HubState.AWAITS_SIGN_OFF) {
            return Optional.of(AWAITS_SIGN_OFF);
        }
        if (!isSet) {
            return Optional.of(NOT_SET);
        }
        return state == HubState.NO_RECORD ? Optional.of(NO_RECORD) : Optional.empty();
    }
}
