package oldtallow.core.procedure.step;

/** Stages of a job, in order. */
public enum Stage {
    PREPARE(0, "Prepare"),
    RAISE(1, "Raise, make safe"),
    FIRST_LOOK(2, "First look"),
    STRIP(3, "Strip"),
    CLEAN(4, "Clean"),
    JUDGE(5, "Judge"),
    RACES(6, "Races"),
    GREASE(7, "Grease"),
    SEAL_AND_HUB(8, "Seal, hub on"),
    SET_NUT(9, "Set the nut"),
    CLOSE(10, "Lock, close"),
    PROVE(11, "Prove"),
    REMEMBER(12, "Remember");

    private final int number;
    private final String words;

    Stage(int number, String words) {
        this.number = number;
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** 0 for Prepare to 12 for Remember, as the workshop counts them. */
    public int number() {
        return number;
    }
}
