package oldtallow.app.platform.problem;

/** What is asked for cannot be told yet, and will be in a while by itself. */
public final class NotYetException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public NotYetException(String message) {
        super(message);
    }
}
