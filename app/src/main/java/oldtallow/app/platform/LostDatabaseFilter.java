package oldtallow.app.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/** Sessions are read and written outside the controllers; a database lost there is a problem like any other. */
class LostDatabaseFilter extends OncePerRequestFilter {

    private final HandlerExceptionResolver problems;

    LostDatabaseFilter(HandlerExceptionResolver problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (DataAccessException | TransactionException e) {
            if (response.isCommitted()) {
                throw e;
            }
            response.resetBuffer(); // an answer half made before the session could not be kept
            if (problems.resolveException(request, response, null, e) == null) {
                throw e;
            }
        }
    }
}
