package oldtallow.app.architecture;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The made-up rows of {@code scripts/measure register} still fit the tables: that measurement is made too seldom to find out. */
@ExtendWith(OldTallowExtension.class)
class BenchmarkRowsIT {

    @Test
    void fitTheTables(RunningOldTallow app) throws IOException, InterruptedException {
        Process psql = new ProcessBuilder(
                        "psql",
                        "-h127.0.0.1",
                        "-p" + app.db().fetchValue("select inet_server_port()"),
                        "-U" + app.db().fetchValue("select current_user"),
                        "-dpostgres",
                        "-qtA",
                        "-vrigs=3",
                        "-vbatches=2",
                        "-cbegin",
                        "-f" + Path.of("../benchmark/register.sql"),
                        "-crollback")
                .redirectErrorStream(true)
                .start();
        String said = new String(psql.getInputStream().readAllBytes(), StandardCharsets.UTF_8);

        assertThat(psql.waitFor()).as(said).isZero();
        assertThat(said).contains("wheel ends").doesNotContain("ERROR");
    }
}
