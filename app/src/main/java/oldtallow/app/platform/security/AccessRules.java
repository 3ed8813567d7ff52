package oldtallow.app.platform.security;

import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;

/** Who may ask what of the interface's questions. No customizer by type: those would be applied to every chain. */
@FunctionalInterface
public interface AccessRules {

    void apply(AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizationManagerRequestMatcherRegistry requests);
}
