package oldtallow.app.platform.security;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

@Configuration(proxyBeanMethods = false)
class PasswordConfiguration {

    /** Argon2id, 16 MiB a hash: costly to guess in bulk even with a stolen table. */
    @Bean
    static PasswordEncoder passwordEncoder() {
        return new OrderlyHashing(
                Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8(),
                Math.max(1, Runtime.getRuntime().availableProcessors() / 2));
    }
}
