package oldtallow.core.procedure.look;

/** What may be wrong, and what to look at next. Common practice of the trade. */
public enum Suspicion {
    FINE("nothing points to a fault", "Carry on as planned."),
    OUT_OF_ADJUSTMENT("set too loose, bearings perhaps sound", "Take the nut up by a stop and rock it again."),
    WORN("worn bearings or seats", "Strip it: judge cups, cones and spindle."),
    RACE_DAMAGE("damaged raceways or rollers", "Strip it: a fingernail over both races."),
    TOO_TIGHT(
            "set too tight",
            "Back off to the next looser stop, drive, feel it again; if it was long so, judge for heat colour."),
    BRAKE_DRAGS("a brake that drags", "Spin it with the brake slackened; look at shoes, cable, caliper."),
    WATER_IN("water in the hub", "Strip and clean it; seal, cap and the rust on the races."),
    GREASE_FAILED("grease broken down", "Clean it out; ask what was mixed and how hot it ran."),
    DRY("running dry", "Strip it before it turns again: scored ribs and blue."),
    SEAL_FAILED("seal past its work", "New seal; its land, the depth it sat at, too much grease."),
    LOCK_FAILED("the nut can come off", "Not a yard further until it is set and locked."),
    ASSEMBLED_WRONG("put together wrongly", "Strip it and put every part where it belongs; judge what ran so."),
    TYRE_OR_DRUM("tyre, drum or disc out of true, not the bearing", "Spin it and watch tyre and drum.");

    private final String words;
    private final String lookNext;

    Suspicion(String words, String lookNext) {
        this.words = words;
        this.lookNext = lookNext;
    }

    public String words() {
        return words;
    }

    /** What to look at next. */
    public String lookNext() {
        return lookNext;
    }
}
