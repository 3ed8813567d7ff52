package oldtallow.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application. */
@SpringBootApplication(
        excludeName = "org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration")
public class OldTallow {

    public static void main(String[] arguments) {
        SpringApplication.run(OldTallow.class, arguments);
    }
}
