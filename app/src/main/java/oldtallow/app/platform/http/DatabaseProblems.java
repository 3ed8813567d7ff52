package oldtallow.app.platform.http;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;
import oldtallow.app.platform.problem.BusyException;
import oldtallow.app.platform.problem.CommitNotKnownException;
import oldtallow.app.platform.problem.ProblemType;
import oldtallow.app.platform.problem.Trouble;
import oldtallow.app.platform.problem.Troubles;
import oldtallow.app.platform.write.OneWrite;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/**
 * What went wrong in the database: not saved, and why; or not known. A request that changes something is one transaction
 * ({@link OneWrite}), so whatever is thrown before its commit saved nothing.
 */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class DatabaseProblems {

    private static final Logger LOG = LoggerFactory.getLogger(DatabaseProblems.class);
    private static final String RETRY_SECONDS = "2";
    private static final Set<String> READS = Set.of(HttpMethod.GET.name(), HttpMethod.HEAD.name());

    private final Troubles troubles;

    DatabaseProblems(Troubles troubles) {
        this.troubles = troubles;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notKnown(CommitNotKnownException e) {
        LOG.warn("a commit without an answer: {}", String.valueOf(e.getCause()));
        return answer(ProblemType.NOT_KNOWN.of(
                "Saved or not: not known",
                "The database was lost in the very moment of saving. Your entry is still here: send it again; if it was"
                        + " saved, it stays one."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(BusyException e, HttpServletRequest request) {
        return answer(Trouble.BUSY, request);
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<ProblemDetail> database(Exception e, HttpServletRequest request) {
        Trouble trouble = troubles.of(e);
        if (trouble == Trouble.REFUSED) {
            LOG.error("the database refused what the application let pass", e);
        } else {
            LOG.warn("{}: {}", trouble, e.toString());
        }
        return answer(trouble, request);
    }

    private static ResponseEntity<ProblemDetail> answer(Trouble trouble, HttpServletRequest request) {
        boolean reads = READS.contains(request.getMethod());
        ProblemType type = trouble == Trouble.BUSY ? ProblemType.BUSY : ProblemType.NOT_SAVED;
        return answer(type.of(trouble.status(), trouble.title(), reads ? trouble.toReader() : trouble.toWriter()));
    }

    private static ResponseEntity<ProblemDetail> answer(ProblemDetail problem) {
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(problem.getStatus());
        if (problem.getStatus() != HttpStatus.INTERNAL_SERVER_ERROR.value()) {
            answer.header(HttpHeaders.RETRY_AFTER, RETRY_SECONDS);
        }
        return answer.body(problem);
    }
}
