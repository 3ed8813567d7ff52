package oldtallow.app.identity.web;

import oldtallow.app.identity.model.TooManyTriesException;
import oldtallow.app.identity.model.WrongPasswordException;
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
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "This name and password do not go together. Look at both again; the owner can set a new password.");
        problem.setTitle("Not signed in");
        return problem;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooMany(TooManyTriesException e) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.TOO_MANY_REQUESTS,
                "This name was tried too often with a wrong password. Wait " + e.secondsToWait()
                        + " s, then try again.");
        problem.setTitle("Wait a moment");
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(e.secondsToWait()))
                .body(problem);
    }
}
