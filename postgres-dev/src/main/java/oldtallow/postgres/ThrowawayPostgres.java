package oldtallow.postgres;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * A PostgreSQL server of its own in a temporary folder, on a free loopback port, fast and forgetful: gone when the JVM
 * ends. Uses Debian's server under /usr/lib/postgresql; as root it runs as the postgres user, since the server refuses
 * root.
 */
public final class ThrowawayPostgres implements AutoCloseable {

    private static final String USER = "app";
    private static final String APPLICATION_USER = "oldtallow_app";
    private static final int TRIES = 5;

    private final Path folder;
    private final Path binaries;
    private int port;
    private boolean running;

    private ThrowawayPostgres() {
        binaries = newestServer();
        folder = createFolder();
        runtimeHook();
    }

    /** Creates a cluster and starts it. */
    public static ThrowawayPostgres start() {
        var postgres = new ThrowawayPostgres();
        postgres.run(
                "initdb",
                "-D",
                postgres.data(),
                "-U",
                USER,
                "-A",
                "trust",
                "-E",
                "UTF8",
                "--locale=C.UTF-8",
                "--no-sync");
        postgres.startOnAFreePort();
        postgres.createApplicationRole();
        return postgres;
    }

    public String url() {
        return "jdbc:postgresql://127.0.0.1:" + port + "/postgres";
    }

    public int port() {
        return port;
    }

    /** The superuser who owns the tables. */
    public String user() {
        return USER;
    }

    /** The role the application connects as: held by row security. */
    public String applicationUser() {
        return APPLICATION_USER;
    }

    /** Pulls the server away as a crash would: clients lose their connections, nothing is tidied up. */
    public void crash() {
        if (running) {
            running = false;
            run("pg_ctl", "-D", data(), "-w", "-m", "immediate", "stop");
        }
    }

    /** Starts it again on the same port with the same data. */
    public void restart() {
        startOn(port);
    }

    /**
     * While it is stopped: puts the file of a table on a disk that is always full. What is in it is gone, so the table must be
     * empty.
     *
     * @param file as {@code pg_relation_filepath} says
     */
    public void putOnFullDisk(String file) {
        Path table = Path.of(data()).resolve(file);
        try {
            if (running || Files.size(table) > 0) {
                throw new IllegalStateException("the server runs, or the table is not empty: " + table);
            }
            Files.delete(table);
            Files.createSymbolicLink(table, Path.of("/dev/full"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        crash();
        deleteFolder();
    }

    private void startOnAFreePort() {
        for (int tried = 1; ; tried++) {
            try {
                startOn(freePort());
                return;
            } catch (IllegalStateException taken) { // another process may have taken the port in between
                if (tried == TRIES) {
                    throw taken;
                }
            }
        }
    }

    private void startOn(int chosen) {
        String options = "-p " + chosen + " -c listen_addresses=127.0.0.1 -c unix_socket_directories="
                + " -c fsync=off -c synchronous_commit=off -c full_page_writes=off";
        run(
                "pg_ctl",
                "-D",
                data(),
                "-w",
                "-o",
                options,
                "-l",
                folder.resolve("server.log").toString(),
                "start");
        port = chosen;
        running = true;
    }

    private void createApplicationRole() {
        run("createuser", "-h", "127.0.0.1", "-p", String.valueOf(port), "-U", USER, APPLICATION_USER);
    }

    private String data() {
        return folder.resolve("data").toString();
    }

    private void run(String program, String... arguments) {
        List<String> command = new ArrayList<>();
        if (isRoot()) {
            command.addAll(List.of("runuser", "-u", "postgres", "--"));
        }
        command.add(binaries.resolve(program).toString());
        command.addAll(List.of(arguments));
        Path output = folder.resolve(program + ".out");
        try {
            // to a file: the server inherits the descriptors and would keep a pipe open for ever
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(output.toFile())
                    .directory(folder.toFile())
                    .start();
            if (process.waitFor() != 0) {
                throw new IllegalStateException(String.join(" ", command) + " failed:\n" + Files.readString(output));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted while running " + program, e);
        }
    }

    private static Path newestServer() {
        Path root = Path.of("/usr/lib/postgresql");
        try (Stream<Path> versions = Files.exists(root) ? Files.list(root) : Stream.empty()) {
            return versions.filter(version -> Files.isExecutable(version.resolve("bin/postgres")))
                    .max(Comparator.comparingInt(
                            version -> Integer.parseInt(root.relativize(version).toString())))
                    .map(version -> version.resolve("bin"))
                    .orElseThrow(() -> new IllegalStateException(
                            "no PostgreSQL server under " + root + ": apt-get install postgresql"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Path createFolder() {
        try {
            Path folder = Files.createTempDirectory("oldtallow-postgres-");
            if (isRoot()) {
                new ProcessBuilder("chown", "postgres", folder.toString())
                        .start()
                        .waitFor();
            }
            return folder;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static boolean isRoot() {
        return "root".equals(System.getProperty("user.name"));
    }

    private static int freePort() {
        try (var socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void runtimeHook() {
        Runtime.getRuntime().addShutdownHook(new Thread(this::close, "stop-postgres"));
    }

    private void deleteFolder() {
        try (Stream<Path> all = Files.exists(folder) ? Files.walk(folder) : Stream.empty()) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(path);
            }
        } catch (IOException e) {
            System.err.println("left behind: " + folder + " (" + e.getMessage() + ")");
        }
    }
}
