package oldtallow.app.identity.model;

/** A name was tried too often with a wrong password. */
public final class TooManyTriesException extends RuntimeException {

    private final int secondsToWait;

    public TooManyTriesException(int secondsToWait) {
        super("wait " + secondsToWait + " s");
        this.secondsToWait = secondsToWait;
    }

    public int secondsToWait() {
        return secondsToWait;
    }
}
