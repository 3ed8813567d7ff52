package oldtallow.core.schedule.interval;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import oldtallow.core.fastening.endplay.EndPlayVerdict;

/** How a wheel end stands, worst first; and what is said of it wherever it is shown. */
public enum HubState {
    /** The last setting on record leaves it outside its window. */
    OUTSIDE_WINDOW("its last setting is outside its window: open it before it goes out"),
    /** An apprentice set it last; a mechanic has yet to answer for it. */
    AWAITS_SIGN_OFF("an apprentice set it: a mechanic looks at it and signs it off"),
    OVERDUE("past due"),
    /** Nothing on record to count from: nobody knows. */
    NO_RECORD("nothing on record to count from: write down when it was last done"),
    DUE_SOON("due soon"),
    FINE("nothing to do yet");

    /** From how many days before it is due a mechanic wants to be told: common practice. */
    private static final int SOON_DAYS = 30;

    private final String words;

    HubState(String words) {
        this.words = words;
    }

    /** As goes on from the hub's name. */
    public String words() {
        return words;
    }

    /**
     * How a wheel end stands.
     *
     * @param lastVerdict of its last setting; empty without one on record
     * @param awaitsSignOff whether an apprentice made that and no mechanic answers for it yet
     * @param due likely day of what presses most; empty where nothing is known to count from
     */
    public static HubState judge(
            Optional<EndPlayVerdict> lastVerdict, boolean awaitsSignOff, Optional<LocalDate> due, LocalDate today) {
        if (lastVerdict.filter(verdict -> !verdict.isAcceptable()).isPresent()) {
            return OUTSIDE_WINDOW;
        }
        if (awaitsSignOff) {
            return AWAITS_SIGN_OFF;
        }
        if (due.isEmpty()) {
            return NO_RECORD;
        }
        long left = ChronoUnit.DAYS.between(today, due.get());
        if (left < 0) {
            return OVERDUE;
        }
        return left <= SOON_DAYS ? DUE_SOON : FINE;
    }
}
