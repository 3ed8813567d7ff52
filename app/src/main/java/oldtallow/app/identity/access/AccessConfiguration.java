package oldtallow.app.identity.access;

import static java.util.stream.Collectors.toSet;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Set;
import java.util.stream.Stream;
import oldtallow.app.platform.security.AccessRules;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.authorization.AuthorizationEventPublisher;
import org.springframework.security.authorization.SpringAuthorizationEventPublisher;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

@Configuration(proxyBeanMethods = false)
class AccessConfiguration {

    AccessConfiguration() {
        CurrentPerson.isToldBy(new PersonOfSession());
    }

    /** Asks of each request what {@link AccessTable} says; what stands in no line is refused. */
    @Bean
    static AccessRules access() {
        return requests -> {
            for (AccessTable.Line line : AccessTable.lines()) {
                PathPatternRequestMatcher[] matchers = methods(line.method())
                        .map(method -> PathPatternRequestMatcher.withDefaults().matcher(method, line.path()))
                        .toArray(PathPatternRequestMatcher[]::new);
                var who = requests.requestMatchers(matchers);
                line.least().ifPresentOrElse(role -> who.hasRole(role.name()), who::permitAll);
            }
            requests.anyRequest().authenticated(); // of what is served nothing is left: see below
        };
    }

    /** What is served without a line in the table is nobody's; what is not served at all is told as such. */
    @Bean
    static WebMvcConfigurer unlistedWays() {
        Set<String> listed = AccessTable.lines().stream()
                .map(line -> line.method() + " " + line.path())
                .collect(toSet());
        return new WebMvcConfigurer() {
            @Override
            public void addInterceptors(InterceptorRegistry registry) {
                registry.addInterceptor(new HandlerInterceptor() {
                            @Override
                            public boolean preHandle(
                                    HttpServletRequest request, HttpServletResponse response, Object handler) {
                                String method = request.getMethod().equals("HEAD") ? "GET" : request.getMethod();
                                Object path = request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
                                if (handler instanceof HandlerMethod && !listed.contains(method + " " + path)) {
                                    throw new AccessDeniedException(method + " " + path + " has no line in the table");
                                }
                                return true;
                            }
                        })
                        .addPathPatterns("/api/v1/**");
            }
        };
    }

    /** Tells who was refused. */
    @Bean
    static AuthorizationEventPublisher toldRefusals(ApplicationEventPublisher events) {
        return new SpringAuthorizationEventPublisher(events);
    }

    /** Whoever may read something may ask for its headers alone. */
    private static Stream<HttpMethod> methods(HttpMethod method) {
        return method.equals(HttpMethod.GET) ? Stream.of(HttpMethod.GET, HttpMethod.HEAD) : Stream.of(method);
    }
}
