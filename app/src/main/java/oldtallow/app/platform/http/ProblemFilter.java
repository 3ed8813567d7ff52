package oldtallow.app.platform.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/** Sessions are read and written outside the controllers; what fails there is a problem like any other, never an empty 500. */
class ProblemFilter extends OncePerRequestFilter {

    private final HandlerExceptionResolver problems;

    ProblemFilter(HandlerExceptionResolver problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            SparingSessions.readingOnce(chain, request, response);
        } catch (RuntimeException e) {
            if (response.isCommitted()) {
                throw e; // the connection is closed on half an answer: whoever asked sees that it is none
            }
            response.reset(); // what was half made before the session could not be kept
            if (problems.resolveException(request, response, null, e) == null) {
                throw e;
            }
        }
    }
}
