package oldtallow.app.platform.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes what is asked at an address without a version as asked at version 1. A page that was open while the application was
 * renewed still asks there, and entries may wait in it.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class FormerAddresses extends OncePerRequestFilter {

    private static final String FORMER = "/api/";
    private static final String NOW = "/api/v1/";

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI();
        return !path.startsWith(FORMER) || path.startsWith(NOW);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new AtVersionOne(request), response);
    }

    private static String now(String path) {
        return path.startsWith(FORMER) ? NOW + path.substring(FORMER.length()) : path;
    }

    private static final class AtVersionOne extends HttpServletRequestWrapper {

        private AtVersionOne(HttpServletRequest request) {
            super(request);
        }

        @Override
        public String getRequestURI() {
            return now(super.getRequestURI());
        }

        @Override
        public String getServletPath() {
            return now(super.getServletPath());
        }

        @Override
        public StringBuffer getRequestURL() {
            StringBuffer url = super.getRequestURL();
            String former = super.getRequestURI();
            return url.replace(url.length() - former.length(), url.length(), now(former));
        }
    }
}
