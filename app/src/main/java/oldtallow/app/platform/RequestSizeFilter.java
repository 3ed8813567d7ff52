package oldtallow.app.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/** Refuses bodies over 1 MB, announced or not: no entry of this product is near that. */
@Component
class RequestSizeFilter extends OncePerRequestFilter {

    private static final long MOST_BYTES = 1024 * 1024;

    private final JsonMapper json;

    RequestSizeFilter(JsonMapper json) {
        this.json = json;
    }

    static ProblemDetail tooLarge() {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.CONTENT_TOO_LARGE, "The request is over 1 MB. Send less at a time; nothing was saved.");
        problem.setTitle("Too large");
        return problem;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > MOST_BYTES) {
            response.setStatus(HttpStatus.CONTENT_TOO_LARGE.value());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream().write(json.writeValueAsBytes(tooLarge()));
            return;
        }
        chain.doFilter(new Counted(request), response);
    }

    /** A request whose body stops with an error past the limit; for bodies sent without a length. */
    private static final class Counted extends HttpServletRequestWrapper {

        Counted(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream());
        }
    }

    private static final class CountedStream extends ServletInputStream {

        private final ServletInputStream inner;
        private long read;

        CountedStream(ServletInputStream inner) {
            this.inner = inner;
        }

        @Override
        public int read() throws IOException {
            int b = inner.read();
            count(b < 0 ? 0 : 1);
            return b;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
            int got = inner.read(buffer, offset, length);
            count(Math.max(got, 0));
            return got;
        }

        private void count(int got) throws RequestTooLargeException {
            read += got;
            if (read > MOST_BYTES) {
                throw new RequestTooLargeException();
            }
        }

        @Override
        public boolean isFinished() {
            return inner.isFinished();
        }

        @Override
        public boolean isReady() {
            return inner.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            inner.setReadListener(listener);
        }
    }
}
