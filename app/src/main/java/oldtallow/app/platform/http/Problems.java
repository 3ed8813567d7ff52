package oldtallow.app.platform.http;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.platform.problem.NotYetException;
import oldtallow.app.platform.problem.ProblemType;
import oldtallow.core.refusal.FieldError;
import oldtallow.core.refusal.InvalidInputException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.util.DisconnectedClientHelper;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Maps everything that goes wrong to RFC 9457 problem details, once. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ProblemDetail invalidInput(InvalidInputException e) {
        return fields(ProblemType.INVALID, "Not possible as entered", e.errors());
    }

    @ExceptionHandler
    ProblemDetail notFound(NotFoundException e) {
        return ProblemType.NOT_FOUND.of(
                "Not here",
                "There is no " + e.what() + " with id " + e.id()
                        + " in this workshop. Go back to the yard and pick one.");
    }

    @ExceptionHandler
    ProblemDetail conflict(ConflictException e) {
        return ProblemType.CONFLICT.of("Not saved", String.valueOf(e.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notYet(NotYetException e) {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header(HttpHeaders.RETRY_AFTER, "30")
                .body(ProblemType.NOT_YET.of("Not yet", String.valueOf(e.getMessage())));
    }

    @ExceptionHandler
    ProblemDetail nobody(AuthenticationException e) {
        return ProblemType.SIGN_IN.of(
                "Sign in first",
                "Nobody is signed in on this device. Your entry is still here: sign in, then try again.");
    }

    @ExceptionHandler
    ProblemDetail notAllowed(AccessDeniedException e) {
        if (e instanceof CsrfException) {
            return ProblemType.OLD_TOKEN.of(
                    "Not from this page",
                    "The request did not carry this browser's token. Load the page again, then try once more.");
        }
        return ProblemType.NOT_ALLOWED.of(
                "Not yours to do", "Your role does not cover this. Ask the workshop's owner or a mechanic.");
    }

    /** An address that is no text, or a form with files where none is taken. */
    @ExceptionHandler({InvalidParameterException.class, MultipartException.class})
    ProblemDetail unreadable(RuntimeException e) {
        return ProblemType.NOT_READABLE.of(
                "Not readable",
                "The request is not written as the API document describes: addresses in UTF-8, bodies in JSON.");
    }

    /** By another name than it has, or with an address no page of it sends; nothing of it is said again. */
    @ExceptionHandler
    ProblemDetail rejected(RequestRejectedException e) {
        return ProblemType.NOT_READABLE.of(
                "Not readable",
                "This address is not one that Old Tallow's own pages ask. Go back to its first page; behind a proxy, or by"
                        + " another name, the name has to be told in OLDTALLOW_ADDRESS or OLDTALLOW_HOSTS.");
    }

    @ExceptionHandler
    ProblemDetail wrongType(MethodArgumentTypeMismatchException e) {
        return fields(
                ProblemType.NOT_READABLE,
                "Not readable",
                List.of(new FieldError(
                        e.getName(), String.valueOf(e.getValue()), "must be an id made by this product")));
    }

    @ExceptionHandler
    @Nullable
    ProblemDetail unexpected(Exception e) {
        if (e instanceof IOException && DisconnectedClientHelper.isClientDisconnectedException(e)) {
            return null; // whoever asked has left the page: nobody is there to be told
        }
        LOG.error("unexpected", e);
        return ProblemType.UNEXPECTED.of(
                "Our mistake", "Something failed that should not. Nothing was saved; the log has the details.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (RequestTooLargeException.isCauseOf(e)) {
            return entity(RequestSizeFilter.tooLarge(((ServletWebRequest) request).getRequest()));
        }
        if (e.getCause() instanceof JacksonException mapping && isAboutAField(mapping)) {
            String field =
                    field(mapping) + (mapping instanceof InvalidTypeIdException unknown ? "." + told(unknown) : "");
            return entity(fields(
                    ProblemType.NOT_READABLE,
                    "Not readable",
                    List.of(new FieldError(field, value(mapping), remedy(mapping)))));
        }
        String where = e.getCause() instanceof StreamReadException broken && broken.getLocation() != null
                ? " at line " + broken.getLocation().getLineNr() + ", column "
                        + broken.getLocation().getColumnNr()
                : "";
        return entity(ProblemType.NOT_READABLE.of(
                "Not readable",
                "The request is not well-formed JSON" + where
                        + ". Send one JSON object as the API document describes."));
    }

    /** The answer to a change is made after its commit: what failed then does not undo it. */
    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotWritable(
            HttpMessageNotWritableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        LOG.error("an answer that cannot be written", e);
        return entity(ProblemType.NOT_KNOWN.of(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Our mistake",
                "It was done as far as it changes anything, but the answer cannot be shown; the log has the details. Load"
                        + " the page again."));
    }

    /** Not a broken text: a value that cannot become what its field is, an overflowing number included. */
    private static boolean isAboutAField(JacksonException e) {
        return e instanceof DatabindException || !e.getPath().isEmpty();
    }

    private static ResponseEntity<Object> entity(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    private static ProblemDetail fields(ProblemType type, String title, List<FieldError> errors) {
        FieldError first = errors.getFirst();
        String value = first.value() == null ? "" : " (" + first.value() + ")";
        ProblemDetail problem = type.of(title, first.field() + value + ": " + first.remedy() + ".");
        problem.setProperty("errors", errors);
        return problem;
    }

    private static String field(JacksonException e) {
        var path = new StringBuilder();
        for (var reference : e.getPath()) {
            if (reference.getPropertyName() == null) {
                path.append('[').append(reference.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(reference.getPropertyName());
            }
        }
        return path.isEmpty() ? "request" : path.toString();
    }

    private static @Nullable String value(JacksonException e) {
        return switch (e) {
            case InvalidFormatException format -> String.valueOf(format.getValue());
            case InvalidTypeIdException unknown -> unknown.getTypeId();
            default -> null;
        };
    }

    private static String remedy(JacksonException e) {
        if (e instanceof BoundedValues.OutOfBounds bounds) {
            return bounds.remedy();
        }
        if (e instanceof UnrecognizedPropertyException unknown) {
            return "is not a field here; known are " + unknown.getKnownPropertyIds();
        }
        if (e instanceof InvalidFormatException format && format.getTargetType().isEnum()) {
            return "must be one of " + List.of(format.getTargetType().getEnumConstants());
        }
        if (e instanceof InvalidTypeIdException unknown) {
            return "must be one of " + kinds(unknown);
        }
        return "must be " + kind(e);
    }

    /** What may be sent there. */
    private static List<String> kinds(InvalidTypeIdException e) {
        return Stream.of(e.getBaseType()
                        .getRawClass()
                        .getAnnotation(JsonSubTypes.class)
                        .value())
                .map(JsonSubTypes.Type::name)
                .toList();
    }

    /** The field that tells kinds apart. */
    private static String told(InvalidTypeIdException e) {
        return e.getBaseType().getRawClass().getAnnotation(JsonTypeInfo.class).property();
    }

    private static String kind(JacksonException e) {
        if (e instanceof InputCoercionException) {
            return "a whole number of usual size";
        }
        if (e instanceof MismatchedInputException mismatch && mismatch.getTargetType() != null) {
            Class<?> type = mismatch.getTargetType();
            if (Number.class.isAssignableFrom(type) || type.isPrimitive()) {
                return type == Integer.class || type == int.class ? "a whole number" : "a plain number, such as 1.5";
            }
            return switch (type.getSimpleName()) {
                case "UUID" -> "a UUID";
                case "Instant" -> "a time such as 2026-05-14T10:00:00Z";
                case "LocalDate" -> "a day such as 2026-05-14";
                case "LocalTime" -> "a time of day such as 18:30";
                case "String" -> "text";
                case "List", "ArrayList" -> "a list";
                default -> "an object with the fields of the API document";
            };
        }
        return "as the API document describes";
    }
}
