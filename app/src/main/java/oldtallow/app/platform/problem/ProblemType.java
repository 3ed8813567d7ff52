package oldtallow.app.platform.problem;

import java.net.URI;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/**
 * What can go wrong, as RFC 9457 wants it told: a name that stays, for programs, and a status. Titles and details are for people
 * and may be worded anew at any time.
 */
public enum ProblemType {
    INVALID("invalid", HttpStatus.UNPROCESSABLE_CONTENT, "entries that cannot be so; each is named in errors"),
    NOT_READABLE("not-readable", HttpStatus.BAD_REQUEST, "not as this document describes"),
    NOT_FOUND("not-found", HttpStatus.NOT_FOUND, "nothing is here under that id"),
    CONFLICT("conflict", HttpStatus.CONFLICT, "something else is on record: under that id, or since it was read"),
    TOO_LARGE("too-large", HttpStatus.CONTENT_TOO_LARGE, "more than is taken at once"),
    SIGN_IN("sign-in", HttpStatus.UNAUTHORIZED, "nobody is signed in"),
    NOT_SIGNED_IN("not-signed-in", HttpStatus.UNPROCESSABLE_CONTENT, "name and password, or code, do not go together"),
    TOO_MANY_TRIES(
            "too-many-tries", HttpStatus.TOO_MANY_REQUESTS, "tried too often; Retry-After says how long to wait"),
    NOT_ALLOWED("not-allowed", HttpStatus.FORBIDDEN, "the role of whoever asks does not cover this"),
    OLD_TOKEN("old-token", HttpStatus.FORBIDDEN, "without this browser's token; ask anew with the one of the cookie"),
    NOT_YET("not-yet", HttpStatus.SERVICE_UNAVAILABLE, "not ready; Retry-After says when to ask again"),
    BUSY("busy", HttpStatus.SERVICE_UNAVAILABLE, "nothing was saved, too many write at once; come again"),
    NOT_SAVED("not-saved", HttpStatus.SERVICE_UNAVAILABLE, "nothing was saved; the detail says why"),
    NOT_KNOWN("not-known", HttpStatus.GATEWAY_TIMEOUT, "saved or not; the same entry sent again stays one"),
    UNEXPECTED("unexpected", HttpStatus.INTERNAL_SERVER_ERROR, "a mistake of the application's own");

    private final URI uri;
    private final HttpStatus status;
    private final String words;

    ProblemType(String name, HttpStatus status, String words) {
        this.uri = URI.create("urn:oldtallow:" + name);
        this.status = status;
        this.words = words;
    }

    /** Never changed once it was told. */
    public URI uri() {
        return uri;
    }

    /** For the API document, in half a sentence. */
    public String words() {
        return words;
    }

    /** With its usual status. */
    public ProblemDetail of(String title, String detail) {
        return of(status, title, detail);
    }

    public ProblemDetail of(HttpStatus other, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(other, detail);
        problem.setType(uri);
        problem.setTitle(title);
        return problem;
    }
}
