package oldtallow.standin;

/** What a simulated instrument can be made to do wrong. */
public enum Trouble {
    NONE,
    /** Breaks the connection after a second, each time anew. */
    DROPS,
    /** Its hand never stands still. */
    JITTERS,
    /** Sends the same reading over and over. */
    REPEATS,
    /** Sends bytes that mean nothing, and lines without end. */
    NONSENSE,
    /** Sends nothing more. */
    SILENT
}
