package oldtallow.app.platform.http;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** A body that is said to be anything at all is refused as one of a kind that is not taken. */
@Configuration(proxyBeanMethods = false)
class KnownBodies implements WebMvcConfigurer, HandlerInterceptor {

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws HttpMediaTypeNotSupportedException {
        @Nullable String says = request.getContentType();
        if (says != null && !isKnown(says)) {
            throw new HttpMediaTypeNotSupportedException(says, List.of(MediaType.APPLICATION_JSON));
        }
        return true;
    }

    private static boolean isKnown(String says) {
        try {
            return MediaType.parseMediaType(says).isConcrete();
        } catch (InvalidMediaTypeException e) {
            return false;
        }
    }
}
