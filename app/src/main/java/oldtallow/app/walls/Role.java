package oldtallow.app.walls;

/** What a person may do. Each may do what those below may. */
public enum Role {
    /** People and workshop rules too. */
    OWNER,
    /** All the work; answers for an apprentice's. */
    MECHANIC,
    /** Works; a verdict or a nut setting waits for a mechanic's sign-off. */
    APPRENTICE
}
