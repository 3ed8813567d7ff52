package oldtallow.app.platform.security;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Where the running request comes from.
 *
 * @param address of its network; behind a proxy that is named as one, the address that proxy tells
 * @param device a telephone or a computer, as its browser says of itself; nothing relies on it
 */
public record Caller(String address, String device) {

    /** The product itself, at work without anybody asking. */
    private static final Caller ITSELF = new Caller("this machine", "Old Tallow itself");

    public static Caller now() {
        return request().map(Caller::of).orElse(ITSELF);
    }

    /** Whether it is the product itself, as when the demo is loaded. */
    public boolean isItself() {
        return equals(ITSELF);
    }

    public static Caller of(HttpServletRequest request) {
        String says = Objects.requireNonNullElse(request.getHeader(HttpHeaders.USER_AGENT), "");
        return new Caller(
                request.getRemoteAddr(),
                says.toLowerCase(Locale.ROOT).contains("mobi") ? "telephone" : says.isEmpty() ? "program" : "computer");
    }

    private static Optional<HttpServletRequest> request() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes
                ? Optional.of(attributes.getRequest())
                : Optional.empty();
    }
}
