package oldtallow.app.identity.access;

/** What a person may do. Each may do what those below may. */
public enum Role {
    /** People and workshop rules too. */
    OWNER("owner"),
    /** All the work; answers for an apprentice's. */
    MECHANIC("mechanic"),
    /** Works; a verdict or a nut setting waits for a mechanic's sign-off. */
    APPRENTICE("apprentice");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
