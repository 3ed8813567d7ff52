package oldtallow.core.schedule.interval;

/** What falls due at a wheel end; what is told first if several do at once comes first. Common practice of the trade. */
public enum DueAction {
    RETORQUE(
            "re-torque the wheel nuts",
            "wheel nuts re-torqued",
            "Nuts settle after a wheel was off. Left alone they work loose, studs break and the wheel comes off.",
            60),
    REPACK(
            "repack and set",
            "repacked and set",
            "Old or watered grease stops parting the rollers from the races; the bearing heats, seizes, and can take the"
                    + " wheel with it.",
            0),
    RENEW(
            "renew the bearings",
            "bearings renewed",
            "A bearing past its years fails by fatigue and rust, mostly far from help.",
            0),
    ADJUST(
            "measure the play again",
            "play measured again",
            "New rings settle in. The play they leave rocks the wheel and pounds the races.",
            10),
    INSPECT("spin, rock and look", "looked at", "Water, play or a rough bearing goes on unseen until it is heard.", 0),
    /** No service: it only pushes old grease towards the seal. */
    TOP_UP(
            "top up the spring-loaded cap",
            "cap topped up",
            "The piston comes to rest; the hub draws air and water in as it cools.",
            0);

    private final String words;
    private final String done;
    private final String ifLate;
    private final int leadDays;

    DueAction(String words, String done, String ifLate, int leadDays) {
        this.words = words;
        this.done = done;
        this.ifLate = ifLate;
        this.leadDays = leadDays;
    }

    public String words() {
        return words;
    }

    /** As something that was done. */
    public String done() {
        return done;
    }

    /** What fails if it is late. */
    public String ifLate() {
        return ifLate;
    }

    /**
     * How many days earlier it is sorted than it falls due: what takes a wheel off goes before what wears a bearing. This
     * product's own weighting.
     */
    public int leadDays() {
        return leadDays;
    }

    /** Whether doing this has done that as well: a wheel end that was repacked was looked at and set. */
    public boolean covers(DueAction that) {
        return switch (this) {
            case RENEW -> that != RETORQUE;
            case REPACK -> that != RETORQUE && that != RENEW;
            case ADJUST -> that == ADJUST || that == INSPECT;
            case INSPECT -> that == INSPECT;
            case RETORQUE -> that == RETORQUE;
            case TOP_UP -> that == TOP_UP;
        };
    }
}
