package oldtallow.app.platform.problem;

/** So many are at work that a request was not begun; nothing was saved. */
public final class BusyException extends RuntimeException {

    private static final long serialVersionUID = 1L;
}
