package oldtallow.app.platform.http;

import java.io.IOException;
import org.jspecify.annotations.Nullable;

/** A body longer than is taken. */
final class RequestTooLargeException extends IOException {

    RequestTooLargeException() {
        super("request body too large");
    }

    static boolean isCauseOf(Throwable thrown) {
        for (@Nullable Throwable e = thrown; e != null; e = e.getCause()) {
            if (e instanceof RequestTooLargeException) {
                return true;
            }
        }
        return false;
    }
}
