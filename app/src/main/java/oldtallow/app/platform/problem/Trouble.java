package oldtallow.app.platform.problem;

import org.springframework.http.HttpStatus;

/** Why the database did not do what it was asked; nothing was saved in any of these. */
public enum Trouble {
    BUSY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Busy",
            "too many are at work in this moment.",
            "It is tried again by itself."),
    UNREACHABLE(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Database out of reach",
            "the database does not answer.",
            "Wait a moment and try again."),
    READ_ONLY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Database can be read only",
            "the database takes no entries now (it is read-only).",
            "What is on record can be read. Whoever looks after this machine makes it writable again."),
    FULL(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Disk full",
            "the database's disk is full.",
            "What is on record can be read. Make room on the disk, then try again."),
    SLOW(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Took too long",
            "the database took too long over it and gave up.",
            "Wait a moment and try again."),
    REFUSED(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "Our mistake",
            "the database refused what should not have been sent to it.",
            "The log says why.");

    private final HttpStatus status;
    private final String title;
    private final String cause;
    private final String remedy;

    Trouble(HttpStatus status, String title, String cause, String remedy) {
        this.status = status;
        this.title = title;
        this.cause = cause;
        this.remedy = remedy;
    }

    public HttpStatus status() {
        return status;
    }

    public String title() {
        return title;
    }

    /** To somebody who wanted something saved. */
    public String toWriter() {
        return "Nothing was saved: " + cause + " Your entry is still here. " + remedy;
    }

    /** To somebody who wanted to read. */
    public String toReader() {
        return "Not to be read now: " + cause + " " + remedy;
    }
}
