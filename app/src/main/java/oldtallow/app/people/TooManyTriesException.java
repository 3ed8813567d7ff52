package oldtallow.app.people;

/** A name was tried too often with a wrong password. */
public final class TooManyTriesException extends RuntimeException {

    private final int secondsToWait;

    TooManyTriesException(int secondsToWait) {
        super("wait " + secondsToWait + " s");
        this.secondsToWait = secondsToWait;
    }

    public int secondsToWait() {
        return secondsToWait;
    }
}
