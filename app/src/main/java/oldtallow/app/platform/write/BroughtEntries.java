package oldtallow.app.platform.write;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.List;
import oldtallow.core.refusal.InvalidInputException;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Takes what a device brings that had no line: of the work on rigs only, so that nobody signs in by the clock of a device. */
@Configuration(proxyBeanMethods = false)
class BroughtEntries implements WebMvcConfigurer, HandlerInterceptor {

    /** The form in which devices bring entries now; what the two before brought is taken, too. */
    static final int FORM = 1;

    static final String FORM_HEADER = "Entry-Form";

    private static final int FORMS_TAKEN = 3;
    private static final List<String> WORK = List.of("/api/v1/jobs/**", "/api/v1/wheel-ends/**", "/api/v1/rigs/**");

    private final ObjectProvider<Clock> clock;

    BroughtEntries(ObjectProvider<Clock> clock) {
        this.clock = clock;
    }

    /** Whoever asks for a clock gets one that can be put back. */
    @Bean
    static BeanPostProcessor clockOfWhoeverEnters() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof Clock real ? MadeAt.over(real) : bean;
            }
        };
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns(WORK);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        @Nullable String made = request.getHeader(MadeAt.HEADER);
        if (made != null) {
            requireKnownForm(request.getHeader(FORM_HEADER));
            MadeAt.is(made, clock.getObject().instant());
        }
        return true;
    }

    private static void requireKnownForm(@Nullable String told) {
        if (told == null || !told.matches("\\d{1,9}")) {
            throw new InvalidInputException(
                    FORM_HEADER, told == null ? "nothing" : told, "must be the number of a form, such as " + FORM);
        }
        int form = Integer.parseInt(told);
        if (form > FORM || form <= FORM - FORMS_TAKEN) {
            throw new InvalidInputException(
                    FORM_HEADER, told, "is not taken here; bring this device and this server to the same version");
        }
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failed) {
        MadeAt.isOver();
    }
}
