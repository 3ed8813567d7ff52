package oldtallow.app.platform.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.regex.Pattern;
import oldtallow.app.platform.problem.ProblemType;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Refuses bodies over 1 MB, announced or not: no entry of this product is near that. A photo may have 10 MB, a recorded track,
 * which is read as it comes, 200 MB.
 */
@Component
class RequestSizeFilter extends OncePerRequestFilter {

    private static final long MEGABYTE = 1024 * 1024;
    /** Of a rig, or of a step of a job, which has an id of its own. */
    private static final Pattern PHOTO_PATH = Pattern.compile("/api/v1/(rigs/[^/]+/photo|jobs/[^/]+/photos/[^/]+)");

    private static final String TRACK_PATH = "/tracks/gpx";

    private final JsonMapper json;

    RequestSizeFilter(JsonMapper json) {
        this.json = json;
    }

    static ProblemDetail tooLarge(HttpServletRequest request) {
        return ProblemType.TOO_LARGE.of(
                "Too large",
                isPhoto(request)
                        ? "The photo is over 10 MB. Take it smaller, or save it as JPEG; nothing was saved."
                        : isTrack(request)
                                ? "The track is over 200 MB. Split it, by days for instance; nothing was saved."
                                : "The request is over 1 MB. Send less at a time; nothing was saved.");
    }

    private static boolean isPhoto(HttpServletRequest request) {
        return PHOTO_PATH.matcher(request.getRequestURI()).matches();
    }

    private static boolean isTrack(HttpServletRequest request) {
        return request.getRequestURI().endsWith(TRACK_PATH);
    }

    private static long most(HttpServletRequest request) {
        return isPhoto(request) ? 10 * MEGABYTE : isTrack(request) ? 200 * MEGABYTE : MEGABYTE;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > most(request)) {
            response.setStatus(HttpStatus.CONTENT_TOO_LARGE.value());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream().write(json.writeValueAsBytes(tooLarge(request)));
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
            return new CountedStream(super.getInputStream(), most((HttpServletRequest) getRequest()));
        }
    }

    private static final class CountedStream extends ServletInputStream {

        private final ServletInputStream inner;
        private final long most;
        private long read;

        CountedStream(ServletInputStream inner, long most) {
            this.inner = inner;
            this.most = most;
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
            if (read > most) {
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
