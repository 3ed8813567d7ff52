package oldtallow.app.register.model;

/** Where a part belongs in a wheel end. Cup and cone of a position are one set and have one place. */
public enum PartPlace {
    INBOARD_BEARING("inboard bearing"),
    OUTBOARD_BEARING("outboard bearing"),
    SEAL("seal"),
    WASHER("washer"),
    NUT("nut"),
    LOCK("lock"),
    CAP("cap"),
    SPACER("spacer");

    private final String words;

    PartPlace(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public boolean isBearing() {
        return this == INBOARD_BEARING || this == OUTBOARD_BEARING;
    }
}
