package oldtallow.app.platform;

/** Something else is already on record under what was sent. */
public final class ConflictException extends RuntimeException {

    public ConflictException(String message) {
        super(message);
    }
}
