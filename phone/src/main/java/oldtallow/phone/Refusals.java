package oldtallow.phone;

import java.util.List;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.platform.problem.NotYetException;
import oldtallow.core.refusal.FieldError;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.phone.Answers.Answer;
import oldtallow.phone.wire.JsonOut;
import org.jspecify.annotations.Nullable;

/** What went wrong, as problem details (RFC 9457) like the server's. */
final class Refusals {

    private static final int UNREADABLE = 400;
    private static final int NOT_FOUND = 404;
    private static final int CONFLICT = 409;
    private static final int INVALID = 422;
    private static final int OUR_MISTAKE = 500;
    private static final int NOT_YET = 503;

    /** What a device cannot do by itself: it is not sent later, since it was not entered. */
    private static final String NEEDS_SERVER = "urn:oldtallow:needs-server";

    private Refusals() {}

    static Answer of(RuntimeException e) {
        return switch (e) {
            case InvalidInputException wrong ->
                problem(INVALID, "Not possible as entered", wrong.getMessage(), wrong.errors());
            case ConflictException conflict -> problem(CONFLICT, "Not saved", conflict.getMessage(), List.of());
            case NotFoundException missing ->
                problem(
                        NOT_FOUND,
                        "Not with you",
                        "This " + missing.what() + " was not taken along. It opens when there is a line again.",
                        List.of());
            case NotYetException later -> problem(NOT_YET, "Needs the server", later.getMessage(), List.of());
            case IllegalArgumentException odd -> problem(UNREADABLE, "Not readable", odd.getMessage(), List.of());
            default -> problem(OUR_MISTAKE, "Our mistake", "Something failed that should not: " + e, List.of());
        };
    }

    static Answer unknown() {
        return problem(
                NOT_YET,
                "Needs the server",
                "That is done on the server, and nobody answers. It works when there is a line again.",
                List.of());
    }

    private static Answer problem(int status, String title, @Nullable String detail, List<FieldError> errors) {
        var out = new JsonOut();
        out.begin();
        if (status == NOT_YET) {
            out.field("type");
            out.text(NEEDS_SERVER);
        }
        out.field("status");
        out.number(status);
        out.field("title");
        out.text(title);
        out.field("detail");
        out.text(String.valueOf(detail));
        out.field("errors");
        out.array(errors, error -> {
            out.begin();
            out.field("field");
            out.text(error.field());
            if (error.value() != null) {
                out.field("value");
                out.text(error.value());
            }
            out.field("remedy");
            out.text(error.remedy());
            out.end();
        });
        out.end();
        return new Answer(status, out.toString());
    }
}
