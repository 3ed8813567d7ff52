package oldtallow.app.platform.problem;

/** Something else is on record already: under the id that was sent, or since the record was read. */
public final class ConflictException extends RuntimeException {

    public ConflictException(String message) {
        super(message);
    }

    /** The id that was sent belongs to something else, so this is no second try. */
    public static ConflictException idIsTaken() {
        return new ConflictException(
                "An earlier try was saved after all, with something else in it. Nothing was changed now: look at what is on"
                        + " record, then enter what differs.");
    }

    /** Somebody else changed a record after it was read here. */
    public static ConflictException staleEdit(String what) {
        return new ConflictException(
                "Somebody else changed " + what + " meanwhile. Nothing was saved and your entry is still"
                        + " here: look at theirs, then save yours again.");
    }
}
