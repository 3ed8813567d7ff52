package oldtallow.app.people;

/** A person has as many lines open as anybody may. */
public final class TooManyLinesException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final int most;

    TooManyLinesException(int most) {
        this.most = most;
    }

    public int most() {
        return most;
    }
}
