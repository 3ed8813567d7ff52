package oldtallow.app.testing;

import java.net.URI;
import java.net.http.HttpClient;
import java.time.Duration;
import java.util.Objects;
import oldtallow.app.OldTallow;
import oldtallow.postgres.ThrowawayPostgres;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on a throwaway PostgreSQL; the one with the demo data is started once for a whole run. */
public final class RunningOldTallow implements AutoCloseable {

    private final ThrowawayPostgres postgres = ThrowawayPostgres.start();
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private final boolean demo;
    private ConfigurableApplicationContext context;

    private RunningOldTallow(boolean demo) {
        this.demo = demo;
        context = start(0);
    }

    static RunningOldTallow withDemo() {
        return new RunningOldTallow(true);
    }

    /** One of its own, on an empty database; to be closed by the test. */
    public static RunningOldTallow empty() {
        return new RunningOldTallow(false);
    }

    public URI at(String path) {
        return URI.create("http://127.0.0.1:" + port() + path);
    }

    public ThrowawayPostgres postgres() {
        return postgres;
    }

    /** Straight to the database, past the application. */
    public DSLContext db() {
        return DSL.using(postgres.url(), postgres.user(), "");
    }

    /** Stops the application and starts it again on the same port with the same data. */
    public void restart() {
        int port = port();
        context.close();
        context = start(port);
    }

    public Http http() {
        return new Http(http, this);
    }

    @Override
    public void close() {
        context.close();
        postgres.close();
    }

    private int port() {
        return Objects.requireNonNull(((WebServerApplicationContext) context).getWebServer())
                .getPort();
    }

    private ConfigurableApplicationContext start(int port) {
        return SpringApplication.run(
                OldTallow.class,
                "--server.port=" + port,
                "--spring.datasource.url=" + postgres.url(),
                "--spring.datasource.username=" + postgres.user(),
                "--oldtallow.demo=" + demo);
    }
}
