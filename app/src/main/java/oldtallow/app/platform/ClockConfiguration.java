package oldtallow.app.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.ZoneId;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** One clock for all, in steps that the database keeps: what is answered now is what is read later. Tests replace it. */
@Configuration(proxyBeanMethods = false)
class ClockConfiguration {

    @Bean
    Clock clock() {
        return Clock.tick(Clock.system(ZoneId.systemDefault()), Duration.ofNanos(1_000));
    }
}
