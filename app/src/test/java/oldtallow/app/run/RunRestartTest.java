package oldtallow.app.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** {@code ./run} with a stand-in for Java that dies as it is told. */
class RunRestartTest {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    @TempDir
    private Path root;

    private record Said(int status, String text) {}

    @BeforeEach
    void lay() throws IOException, InterruptedException {
        Files.copy(ROOT.resolve("run"), root.resolve("run"));
        Files.createDirectories(root.resolve("scripts"));
        for (String script : List.of("lib.sh", "database.sh", "door.sh", "backup.sh")) {
            Files.copy(
                    ROOT.resolve("scripts").resolve(script),
                    root.resolve("scripts").resolve(script));
        }
        // as if it were built, and its quick start trained
        for (String folder : List.of(
                "core",
                "crossing",
                "db",
                "postgres-dev",
                "stand-in",
                "app",
                "phone",
                "server",
                "web",
                ".data/app",
                "jdk/bin")) {
            Files.createDirectories(root.resolve(folder));
        }
        Files.writeString(root.resolve("pom.xml"), "");
        Files.writeString(root.resolve(".data/app/app.aot"), "");
        Said hash = bash("set -e; ROOT=%s; . scripts/lib.sh; source_hash".formatted(root));
        Files.writeString(root.resolve(".data/app/stamp"), hash.text().strip());
        program("jdk/bin/javac", "echo javac 25");
    }

    @Test
    void startsItAgainAfterItWasKilledAndSaysSo() throws Exception {
        // killed at the first time, out of memory (status 3) at the second, and then it says itself that it cannot
        // start
        program("jdk/bin/java", """
                n=$(cat count 2> /dev/null || echo 0); echo $((n + 1)) > count
                case $n in 0) kill -KILL $$ ;; 1) exit 3 ;; *) exit 1 ;; esac
                """);
        Said said = run();

        assertThat(said.text())
                .contains("(status 137); starting it again (1 of 5). The data is kept.")
                .contains("(status 3); starting it again (2 of 5)")
                .contains("Old Tallow stopped by itself (status 1)");
        assertThat(Files.readString(root.resolve(".data/app/count")).strip()).isEqualTo("3");
        assertThat(said.status()).isEqualTo(1);
    }

    @Test
    void givesUpWhereItDiesAgainAndAgain() throws Exception {
        program("jdk/bin/java", "echo x >> count; kill -KILL $$");
        Said said = run();

        assertThat(said.text()).contains("starting it again (5 of 5)").doesNotContain("(6 of");
        assertThat(Files.readAllLines(root.resolve(".data/app/count"))).hasSize(6);
        assertThat(said.status()).isEqualTo(1);
    }

    private Said run() throws IOException, InterruptedException {
        return bash(
                "sleep() { :; }; export -f sleep; export JAVA_HOME=%s/jdk OLDTALLOW_DB_URL=jdbc:postgresql://127.0.0.1:1/x;"
                                .formatted(root)
                        + " ./run --port 29876");
    }

    private Said bash(String script) throws IOException, InterruptedException {
        Process process = new ProcessBuilder("bash", "-c", script)
                .directory(root.toFile())
                .redirectErrorStream(true)
                .start();
        process.getOutputStream().close();
        String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return new Said(process.exitValue(), text);
    }

    private void program(String name, String script) throws IOException {
        Path file = root.resolve(name);
        Files.writeString(file, "#!/bin/bash\n" + script);
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwxr-xr-x"));
    }
}
