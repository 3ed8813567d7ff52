package oldtallow.core.procedure.judge;

/** What brought a bearing or its neighbours down, and what to change so that it does not come back. Common practice. */
public enum Cause {
    LIFE_USED("its life is used up", "Nothing went wrong but time. Renew it before that age next time."),
    TOO_TIGHT(
            "set too tight, or run hot",
            "Set with end play, back to the looser hole, and feel the hub after the first drive."),
    TOO_LOOSE("set too loose", "Seat it turning, set again, and check the play once it has settled."),
    POOR_GREASE("too little grease, or the wrong kind", "Pack it through, the right kind, all of the old out first."),
    WATER(
            "water in the hub",
            "New seal and cap, cavity filled; cool the hub before it is dunked; open it sooner after."),
    DIRT(
            "dirt past the seal or left in the hub",
            "Clean to bare metal, new seal, dress the bores, no air-blown dust over open bearings."),
    STANDING(
            "shaken while standing still",
            "Turn the hub now and then in storage; strap it for transport so that the wheels do not carry it."),
    SHOCK("a blow: kerb, pothole, drop or hammer", "Check the spindle for a bend; drive on the right face only."),
    OVERLOAD("more load than it is made for", "Weigh the rig; find out what the axle may carry."),
    CURRENT("current through the bearing", "Welding earth on the part that is welded; look for a bad earth strap."),
    COCKED("a cup that sits crooked", "Bore clean, cup started square, seated all round before anything else goes in."),
    LOOSE_FIT("a ring that creeps in its seat", "Measure seat and bore; a worn one is renewed, not punched."),
    MISHANDLED("driven on the wrong face, or dropped", "Driver on the thick face; a ring that was dropped is scrap.");

    private final String words;
    private final String remedy;

    Cause(String words, String remedy) {
        this.words = words;
        this.remedy = remedy;
    }

    public String words() {
        return words;
    }

    /** What to change. */
    public String remedy() {
        return remedy;
    }
}
