package oldtallow.app.identity.web;

import oldtallow.app.identity.model.TooManyTriesException;
import oldtallow.app.identity.model.WrongPasswordException;
import oldtallow.app.platform.problem.ProblemType;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** What sign-in refuses; before the general handler, which would call it unexpected. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class SignInProblems {

    @ExceptionHandler
    ProblemDetail wrong(WrongPasswordException e) {
        return ProblemType.NOT_SIGNED_IN.of(
                "Not signed in",
                "This name and password do not go together. Look at both again; the owner can set a new password.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooMany(TooManyTriesException e) {
        ProblemDetail problem = ProblemType.TOO_MANY_TRIES.of(
                "Wait a moment",
                "This name was tried too often with a wrong password. Wait " + e.secondsToWait()
                        + " s, then try again.");
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(e.secondsToWait()))
                .body(problem);
    }
}
