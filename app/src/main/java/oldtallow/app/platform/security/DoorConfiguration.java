package oldtallow.app.platform.security;

import java.net.InetAddress;
import java.time.Clock;
import java.time.Duration;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.web.http.SessionRepositoryFilter;

/** How the application is reached from outside this machine: over HTTPS, or behind a proxy that is. */
@Configuration(proxyBeanMethods = false)
class DoorConfiguration {

    /** Whom a proxy asks for, and whether over HTTPS, is believed of those that are named, and of nobody else. */
    @Bean
    static WebServerFactoryCustomizer<TomcatServletWebServerFactory> lockedLine(
            @Value("${oldtallow.proxies}") Set<String> proxies) {
        return factory -> {
            boolean isPlain = factory.getSsl() == null || !factory.getSsl().isEnabled();
            InetAddress address = factory.getAddress();
            if (isPlain && (address == null || !address.isLoopbackAddress())) {
                throw new OpenDoorException(String.valueOf(address));
            }
            if (!proxies.isEmpty()) {
                var valve = new RemoteIpValve();
                valve.setInternalProxies(proxies.stream().map(Pattern::quote).collect(Collectors.joining("|")));
                valve.setProtocolHeader("X-Forwarded-Proto");
                factory.addEngineValves(valve);
            }
        };
    }

    @Bean
    static FilterRegistrationBean<SessionEnd> sessionEnd(
            @Value("${oldtallow.session-longest}") Duration longest, Clock clock) {
        var registration = new FilterRegistrationBean<>(new SessionEnd(longest, clock));
        registration.setOrder(SessionRepositoryFilter.DEFAULT_ORDER + 1);
        registration.addUrlPatterns("/api/*");
        return registration;
    }
}
