package oldtallow.app.platform.http;

import java.util.Set;
import oldtallow.app.platform.security.AccessRules;
import oldtallow.app.platform.security.OwnAddress;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.web.servlet.AbstractFilterRegistrationBean;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.security.access.hierarchicalroles.RoleHierarchy;
import org.springframework.security.access.hierarchicalroles.RoleHierarchyImpl;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer.FrameOptionsConfig;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/** Who may come in, and what a browser is told to refuse. */
@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {

    /** Nothing but what the product ships; no inline script, no frame around it. */
    private static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self'; worker-src 'self'; style-src 'self';"
                    + " img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none';"
                    + " form-action 'self'; frame-ancestors 'none'";

    private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "localhost", "[::1]");

    /** Calendar programs come with a token in the address and keep no cookies. */
    @Bean
    @Order(Ordered.HIGHEST_PRECEDENCE)
    static SecurityFilterChain calendarFilterChain(HttpSecurity http) throws Exception {
        return http.securityMatcher("/calendar/**")
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(AbstractHttpConfigurer::disable)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(AbstractHttpConfigurer::disable)
                // what may be kept, and how long, the feed says itself
                .headers(headers -> headers.cacheControl(HeadersConfigurer.CacheControlConfig::disable))
                .build();
    }

    @Bean
    @Order(0)
    static SecurityFilterChain apiFilterChain(
            HttpSecurity http, AccessRules access, SecurityContextRepository contexts, Refusals refusals)
            throws Exception {
        return http.securityMatcher("/api/**")
                .authorizeHttpRequests(access::apply)
                .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens()))
                .securityContext(context -> context.securityContextRepository(contexts))
                .headers(SecurityConfiguration::refuseForeignParts)
                .exceptionHandling(
                        handling -> handling.authenticationEntryPoint(refusals).accessDeniedHandler(refusals))
                .requestCache(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .build();
    }

    /** The interface itself, the same for everybody: it comes without a session, and so without a database. */
    @Bean
    @Order(1)
    static SecurityFilterChain interfaceFilterChain(HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(AbstractHttpConfigurer::disable)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(SecurityConfiguration::refuseForeignParts)
                .requestCache(AbstractHttpConfigurer::disable)
                .build();
    }

    private static void refuseForeignParts(HeadersConfigurer<HttpSecurity> headers) {
        headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                .crossOriginOpenerPolicy(opener -> opener.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                .crossOriginResourcePolicy(reader -> reader.policy(CrossOriginResourcePolicy.SAME_ORIGIN))
                .frameOptions(FrameOptionsConfig::deny)
                .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                .permissionsPolicyHeader(
                        permissions -> permissions.policy("geolocation=(), microphone=(), payment=(), usb=()"));
    }

    /** The interface reads this cookie and sends its value back; no other page's request carries it. */
    private static CookieCsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
        return tokens;
    }

    /** A request that calls this application by a name it does not have is refused before it is looked at. */
    @Bean
    static HttpFirewall httpFirewall(OwnAddress address, @Value("${oldtallow.hosts}") Set<String> others) {
        var firewall = new StrictHttpFirewall();
        firewall.setAllowedParameterValues(value -> value.length() <= Bounds.LONGEST_TEXT && Bounds.isPlain(value));
        firewall.setAllowedHostnames(host -> LOOPBACK.contains(host) || others.contains(host) || address.isHost(host));
        return firewall;
    }

    @Bean
    static SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    static RoleHierarchy roleHierarchy() {
        return RoleHierarchyImpl.withDefaultRolePrefix()
                .role("OWNER")
                .implies("MECHANIC")
                .role("MECHANIC")
                .implies("APPRENTICE")
                .build();
    }

    @Bean
    static BeanPostProcessor sparingSessions() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof FindByIndexNameSessionRepository<?> sessions
                        ? new SparingSessions<>(sessions)
                        : bean;
            }
        };
    }

    /** Sessions are looked up for the interface's questions only. */
    @Bean
    static BeanPostProcessor sessionsOfTheApi() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                if (name.equals("sessionRepositoryFilterRegistration")
                        && bean instanceof AbstractFilterRegistrationBean<?> registration) {
                    registration.addUrlPatterns("/api/*");
                }
                return bean;
            }
        };
    }

    /** Around the session filter: what fails there is told in the same words. */
    @Bean
    static FilterRegistrationBean<ProblemFilter> problemFilter(HandlerExceptionResolver handlerExceptionResolver) {
        var registration = new FilterRegistrationBean<>(new ProblemFilter(handlerExceptionResolver));
        registration.setOrder(SessionRepositoryFilter.DEFAULT_ORDER - 1);
        return registration;
    }
}
