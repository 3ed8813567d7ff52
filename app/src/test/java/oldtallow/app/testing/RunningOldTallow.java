package oldtallow.app.testing;

import java.net.URI;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
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
    private final boolean demo;
    private final Map<String, Http> devices = new ConcurrentHashMap<>();
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

    /** Pulls the database away; what was saved before, sessions too, is there again after its restart. */
    public void crashDatabase() {
        db().execute("checkpoint"); // it runs without fsync, so a crash would lose the last moments
        postgres.crash();
    }

    /** Stops the application and starts it again on the same port with the same data. */
    public void restart() {
        int port = port();
        context.close();
        context = start(port);
    }

    /** A device on which the demo's mechanic is signed in. */
    public Http http() {
        return as("tobe");
    }

    /** A device on which a person of the demo is signed in; the same for every test. */
    public Http as(String signInName) {
        Http device = devices.computeIfAbsent(signInName, name -> stranger());
        // a test may have signed this person out everywhere
        if (device.get("/api/session").json().path("person").isMissingNode()) {
            Http.Answer answer = device.signIn(signInName, Demo.PASSWORD);
            if (answer.status() != 200) {
                throw new IllegalStateException(signInName + " cannot sign in: " + answer.text());
            }
        }
        return device;
    }

    /** A device on which nobody is signed in. */
    public Http stranger() {
        return new Http(this);
    }

    /** The database as the application sees it: held by the walls between workshops. */
    public DSLContext dbAsApplication() {
        return DSL.using(postgres.url(), postgres.applicationUser(), "");
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
                "--spring.datasource.username=" + postgres.applicationUser(),
                "--spring.flyway.user=" + postgres.user(),
                "--oldtallow.demo=" + demo);
    }
}
