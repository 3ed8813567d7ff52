package oldtallow.app.workshop;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** A new database gets its workshop before anything is asked of it. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class FirstWorkshop implements ApplicationRunner {

    private final Workshops workshops;

    FirstWorkshop(Workshops workshops) {
        this.workshops = workshops;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        workshops.openFirst();
    }
}
