package oldtallow.core.figure;

/** What a manual is looked up for. */
public enum FigureKind {
    NUT_SEQUENCE("nut sequence"),
    END_PLAY("end play or preload"),
    WHEEL_NUT_TORQUE("wheel-nut torque"),
    GREASE("grease"),
    INTERVAL("interval");

    private final String words;

    FigureKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
