package oldtallow.core.procedure.judge;

/** Where on a wheel end something is found. */
public enum Spot {
    CUP_RACE("cup, raceway", Item.BEARING),
    CONE_RACE("cone, raceway", Item.BEARING),
    ROLLERS("rollers", Item.BEARING),
    RIB("big rib and roller ends", Item.BEARING),
    CAGE("cage", Item.BEARING),
    CONE_BORE("cone, bore", Item.BEARING),
    CUP_OUTSIDE("cup, outside", Item.BEARING),
    SPINDLE_SEAT("spindle, bearing seat", Item.SPINDLE),
    SEAL_LAND("spindle, seal land", Item.SPINDLE),
    THREAD("spindle, thread", Item.SPINDLE),
    HUB_BORE("hub, cup bore", Item.HUB),
    TONE_RING("tone ring", Item.HUB);

    /** What the spot is part of. */
    public enum Item {
        BEARING,
        SPINDLE,
        HUB
    }

    private final String words;
    private final Item item;

    Spot(String words, Item item) {
        this.words = words;
        this.item = item;
    }

    public String words() {
        return words;
    }

    public Item item() {
        return item;
    }

    /** Where the rollers run. */
    public boolean isRunning() {
        return this == CUP_RACE || this == CONE_RACE || this == ROLLERS || this == RIB;
    }
}
