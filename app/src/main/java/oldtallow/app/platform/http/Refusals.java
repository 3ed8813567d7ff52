package oldtallow.app.platform.http;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerExceptionResolver;

/** Hands what the security filters refuse to {@link Problems}. */
@Component
class Refusals implements AuthenticationEntryPoint, AccessDeniedHandler, RequestRejectedHandler {

    private final HandlerExceptionResolver handlerExceptionResolver;

    Refusals(HandlerExceptionResolver handlerExceptionResolver) {
        this.handlerExceptionResolver = handlerExceptionResolver;
    }

    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException refusal) {
        handlerExceptionResolver.resolveException(request, response, null, refusal);
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, RequestRejectedException refusal) {
        handlerExceptionResolver.resolveException(request, response, null, refusal);
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException refusal) {
        handlerExceptionResolver.resolveException(request, response, null, refusal);
    }
}
