package oldtallow.core.hub.part;

/** What is to become of a part that comes off. */
public enum Fate {
    /** Cleaned, and back in its own place. */
    REFIT("clean, refit in the same place"),
    /** Judged first: back in its own place, or a new one. */
    JUDGE("judge"),
    /** Never the old one again. */
    ALWAYS_NEW("always new");

    private final String words;

    Fate(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
