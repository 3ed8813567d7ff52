package oldtallow.app.testing;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.UnknownHostException;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import oldtallow.app.OldTallow;
import oldtallow.postgres.ThrowawayPostgres;
import org.jooq.CloseableDSLContext;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** The real application on a throwaway PostgreSQL; the one with the demo data is started once for a whole run. */
public final class RunningOldTallow implements AutoCloseable {

    /** Opens the workshop of an empty installation. */
    public static final String FOUNDER = """
            {"workshop": "North shed", "word": "let me in", "name": "Bex", "signInName": "bex", "password": "grease under nails"}
            """;

    private static final AtomicInteger STRANGERS = new AtomicInteger();
    private static final int FIRST_PORT = 20_000;
    private static final int PORTS = 16;
    private static final int BLOCKS = 500;
    private static final int DEMO_INSTRUMENTS = 5;

    private final ThrowawayPostgres postgres = ThrowawayPostgres.start();
    private final DatabaseLine line = new DatabaseLine(postgres.port());
    private boolean demo;
    private final List<String> settings;
    private final int instrumentPort = freeBlock();
    private final Map<String, Http> devices = new ConcurrentHashMap<>();
    private @Nullable LeapingClock clock;
    private ConfigurableApplicationContext context;
    private int lastPort;

    private RunningOldTallow(boolean demo, String... settings) {
        this(demo, 0, settings);
    }

    private RunningOldTallow(boolean demo, int port, String... settings) {
        this.demo = demo;
        this.settings = List.of(settings);
        context = start(port);
    }

    /** One of its own that is known as {@code http://localhost:…}, with a name instead of a number; to be closed by the test. */
    public static RunningOldTallow named() {
        int port = freeBlock();
        return new RunningOldTallow(false, port, "--oldtallow.address=http://localhost:" + port);
    }

    /** One of its own with the demo data; to be closed by who starts it. */
    public static RunningOldTallow withDemo() {
        return new RunningOldTallow(true);
    }

    /**
     * One of its own, on an empty database; to be closed by the test.
     *
     * @param settings of its own, as {@code --name=value}
     */
    public static RunningOldTallow empty(String... settings) {
        return new RunningOldTallow(false, settings);
    }

    public URI at(String path) {
        return URI.create("http://127.0.0.1:" + port() + path);
    }

    /** Over which the application reaches its database. */
    public DatabaseLine line() {
        return line;
    }

    public ThrowawayPostgres postgres() {
        return postgres;
    }

    /**
     * A port for a simulated instrument of a test's own; the demo's listen on those before.
     *
     * @param number 0 to 9
     */
    public int instrumentPort(int number) {
        return instrumentPort + DEMO_INSTRUMENTS + number;
    }

    /** A port on which a simulated instrument of the demo listens, 0 to 4: wrench, dial, thermometer, scale, calliper. */
    public int demoInstrumentPort(int number) {
        return instrumentPort + number;
    }

    /** Where mails go; with the demo a simulated mail server listens there, otherwise a test's own may. */
    public int mailPort() {
        return instrumentPort + PORTS - 1;
    }

    /** Puts the machine's clock forward, or back. */
    public void leap(Duration by) {
        Objects.requireNonNull(clock).leap(by);
    }

    /** Straight to the database, past the application. */
    public DSLContext db() {
        // gives each connection back: one kept open per call would use up the server's
        return DSL.using(new DriverManagerDataSource(postgres.url(), postgres.user(), ""), SQLDialect.POSTGRES);
    }

    /** Pulls the database away; what was saved before, sessions too, is there again after its restart. */
    public void crashDatabase() {
        db().execute("checkpoint"); // it runs without fsync, so a crash would lose the last moments
        postgres.crash();
    }

    /** A part of the running application, to make at once what it else does at its own time. */
    public <T> T part(Class<T> type) {
        return context.getBean(type);
    }

    /** What the port for whoever looks after the machine answers. */
    public Http.Answer managed(String path) {
        String port = context.getEnvironment().getRequiredProperty("local.management.port");
        return new Http(this).get(URI.create("http://127.0.0.1:" + port + path));
    }

    /** Stops the application and starts it again on the same port with the same data. */
    public void restart() {
        stop();
        context = start(lastPort);
    }

    /** Starts it again as somebody does who has seen enough of the demo. */
    public void restartWithoutDemo() {
        demo = false;
        restart();
    }

    /** Stops the application; {@link #restart} starts it again. */
    public void stop() {
        if (context.isActive()) {
            lastPort = port();
            context.close();
        }
    }

    /** A device on which the demo's mechanic is signed in. */
    public Http http() {
        return as("tobe");
    }

    /** A device on which a person of the demo is signed in; the same for every test. */
    public Http as(String signInName) {
        Http device = devices.computeIfAbsent(signInName, name -> stranger());
        // a test may have signed this person out everywhere
        if (device.get("/api/v1/session").json().path("person").isMissingNode()) {
            Http.Answer answer = device.signIn(signInName, Demo.PASSWORD);
            if (answer.status() != 200) {
                throw new IllegalStateException(signInName + " cannot sign in: " + answer.text());
            }
        }
        return device;
    }

    /** A device on which the first owner of an empty installation has just signed up. */
    public Http founder() {
        Http device = stranger();
        device.get("/api/v1/session"); // brings the token that a change must carry
        Http.Answer founded = device.post("/api/v1/first-owner", FOUNDER);
        if (founded.status() != 200) {
            throw new IllegalStateException("nobody can found a workshop: " + founded.text());
        }
        return device;
    }

    /** A stranger at an address of this machine that nobody else has: tries with wrong passwords count for an address too. */
    public Http strangerAlone() {
        int address = STRANGERS.incrementAndGet();
        try {
            return new Http(this, InetAddress.getByAddress(new byte[] {127, 1, (byte) (address >> 8), (byte) address}));
        } catch (UnknownHostException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A device on which nobody is signed in. */
    public Http stranger() {
        return new Http(this);
    }

    /** The database as the application sees it, held by row security; to be closed by the test. */
    public CloseableDSLContext dbAsApplication() {
        return DSL.using(postgres.url(), postgres.applicationUser(), "");
    }

    @Override
    public void close() {
        context.close();
        line.close();
        postgres.close();
    }

    private int port() {
        return Objects.requireNonNull(((WebServerApplicationContext) context).getWebServer())
                .getPort();
    }

    private ConfigurableApplicationContext start(int port) {
        var application = new SpringApplication(OldTallow.class);
        application.addInitializers(starting -> starting.getBeanFactory().addBeanPostProcessor(new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                if (!(bean instanceof Clock machine)) {
                    return bean;
                }
                clock = new LeapingClock(machine);
                return clock;
            }
        }));
        Stream<String> usual = Stream.of(
                "--server.port=" + port,
                "--spring.datasource.url=jdbc:postgresql://127.0.0.1:" + line.port() + "/postgres",
                "--spring.datasource.username=" + postgres.applicationUser(),
                "--spring.flyway.user=" + postgres.user(),
                "--oldtallow.instrument-ports=" + instrumentPort + "-" + (instrumentPort + PORTS - 1),
                "--oldtallow.mail-stand-in-port=" + mailPort(),
                "--oldtallow.mail-round=1000",
                "--oldtallow.first-owner-word=let me in",
                "--oldtallow.demo=" + demo);
        return application.run(Stream.concat(usual, settings.stream()).toArray(String[]::new));
    }

    /** The first of some ports in a row that nobody listens on, so that runs side by side keep out of each other's way. */
    private static int freeBlock() {
        var random = new Random();
        while (true) {
            int first = FIRST_PORT + PORTS * random.nextInt(BLOCKS);
            if (IntStream.range(first, first + PORTS).allMatch(RunningOldTallow::isFree)) {
                return first;
            }
        }
    }

    private static boolean isFree(int port) {
        try (var tried = new ServerSocket(port, 1, InetAddress.getLoopbackAddress())) {
            return tried.isBound();
        } catch (IOException taken) {
            return false;
        }
    }
}
