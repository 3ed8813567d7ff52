package oldtallow.core.travel.wheel;

/** How a wheel nut or bolt sits on the wheel. Common practice of the trade. */
public enum NutSeat {
    CONE("cone", "the nut's taper fits the wheel's, mostly 60°; on the wrong taper it sits on an edge and works loose"),
    BALL("ball", "a rounded seat; a cone in it touches on a line and works loose"),
    FLAT("flat with a washer", "the washer turns freely and the wheel is centred on the hub, not by its nuts"),
    SLEEVE("sleeve", "the sleeve goes into the wheel's hole and must not reach through it");

    private final String words;
    private final String look;

    NutSeat(String words, String look) {
        this.words = words;
        this.look = look;
    }

    public String words() {
        return words;
    }

    /** What to look at before it is tightened. */
    public String look() {
        return look;
    }
}
