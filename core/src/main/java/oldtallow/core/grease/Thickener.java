package oldtallow.core.grease;

/** What makes oil a grease; it decides with which other greases it goes. */
public enum Thickener {
    ALUMINIUM_COMPLEX("aluminium complex"),
    BARIUM("barium complex"),
    CALCIUM("calcium"),
    CALCIUM_12_HYDROXY("calcium 12-hydroxystearate"),
    CALCIUM_COMPLEX("calcium complex"),
    CALCIUM_SULFONATE("calcium sulfonate complex"),
    CLAY("clay (bentonite)"),
    LITHIUM("lithium stearate"),
    LITHIUM_12_HYDROXY("lithium 12-hydroxystearate"),
    LITHIUM_COMPLEX("lithium complex"),
    POLYUREA("polyurea, conventional"),
    POLYUREA_SHEAR_STABLE("polyurea, shear-stable"),
    SODIUM("sodium"),
    UNKNOWN("nobody knows");

    private final String words;

    Thickener(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
