package oldtallow.core.procedure.bench;

/** A step was sent that is not the one to do now, as the job stands. */
public final class NotNextException extends RuntimeException {

    NotNextException(String message) {
        super(message);
    }
}
