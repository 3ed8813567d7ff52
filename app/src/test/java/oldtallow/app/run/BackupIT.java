package oldtallow.app.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicBoolean;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What ./run backup writes while people work, ./run restore brings back: every row of every table. */
@ExtendWith(OldTallowExtension.class)
class BackupIT {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    @TempDir
    private Path folder;

    @Test
    void everyTableComesBackAsItWas(RunningOldTallow app) throws Exception {
        Path file = folder.resolve("all.dump");
        Map<String, String> before;
        // one moment of all tables, while somebody writes
        try (var working = new Working(app)) {
            working.awaitSome();
            said(app, "postgres", "write_backup '%s'".formatted(file));
        }
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
        assertThat(folder.toFile().list()).as("no part is left").hasSize(1);

        // nothing is written now: what is here is what goes in
        Files.delete(file);
        before = tables(app.db());
        said(app, "postgres", "write_backup '%s'".formatted(file));
        app.db().execute("create database brought_back");
        said(app, "brought_back", "pg pg_restore --exit-on-error --single-transaction '%s'".formatted(file));
        String url = app.postgres().url().replaceFirst("/postgres$", "/brought_back");
        try (var restored = DSL.using(url, app.postgres().user(), "")) {
            assertThat(tables(restored)).isEqualTo(before).hasSizeGreaterThan(40);
            // row security and rights as well: the role sees nothing before it has said for whom it asks
            restored.execute("set role " + app.postgres().applicationUser());
            assertThat(restored.fetchCount(DSL.table("rig"))).isZero();
        } finally {
            app.db().execute("drop database brought_back with (force)");
        }
    }

    /** In a folder of its own with a server of its own, as ./run has it: refused unless told, and what was there is kept. */
    @Test
    void aBackupTakesThePlaceOfWhatIsHereWhenTold() throws Exception {
        var bash = new ProcessBuilder("bash", "-c", """
                set -euo pipefail
                ROOT=%s SCRIPTS=%s
                . "$SCRIPTS/lib.sh"; . "$SCRIPTS/database.sh"; . "$SCRIPTS/backup.sh"
                lock_folder() { mkdir -p "$ROOT/.data"; }
                need_postgres; lock_folder; start_database
                trap 'stop_database; rm -rf "$PGDATA_DIR" "$PGDATA_DIR.log"' EXIT
                pg psql -qc "create table book (page text)" -c "insert into book values ('kept')"
                write_backup "$ROOT/all.dump"
                pg psql -qc "insert into book values ('after the backup')"
                stop_database; unset OLDTALLOW_DB_URL
                (restore "$ROOT/all.dump") || echo refused
                restore --replace "$ROOT/all.dump"; unset OLDTALLOW_DB_URL
                start_database
                echo "pages: $(pg psql -qtAc "select string_agg(page, ',') from book")"
                """.formatted(folder, ROOT.resolve("scripts")))
                .redirectErrorStream(true);
        bash.environment().keySet().removeIf(name -> name.startsWith("OLDTALLOW_"));
        Process done = bash.start();
        String text = new String(done.getInputStream().readAllBytes(), StandardCharsets.UTF_8);

        assertThat(done.waitFor()).as(text).isZero();
        assertThat(text)
                .containsSubsequence(
                        "There is a workshop here already",
                        "refused",
                        "What was here is kept in",
                        "Brought back",
                        "pages: kept\n");
        assertThat(folder.resolve(".data/backups").toFile().list()).hasSize(1);
    }

    @Test
    void aBackupThatFailsLeavesNothingBehind(RunningOldTallow app) throws Exception {
        Path file = folder.resolve("none").resolve("all.dump");
        assertThat(run(app, "postgres", "write_backup '%s'".formatted(file)).exitValue())
                .isNotZero();
        Path kept = Files.writeString(folder.resolve("kept.dump"), "an older one");
        assertThat(run(app, "no_such_database", "write_backup '%s'".formatted(kept))
                        .exitValue())
                .isNotZero();
        assertThat(kept).hasContent("an older one");
        assertThat(folder.toFile().list()).hasSize(1);
    }

    /** Name of each table, and a digest of its rows in order. */
    private static Map<String, String> tables(DSLContext db) {
        Map<String, String> tables = new TreeMap<>();
        db.fetch("select tablename from pg_tables where schemaname = 'public'").forEach(row -> {
            String table = row.get(0, String.class);
            tables.put(
                    table,
                    db.fetchSingle(
                                    "select count(*) || ' ' || coalesce(md5(string_agg(t::text, e'\\n' order by t::text)), '') from "
                                            + table + " t")
                            .get(0, String.class));
        });
        return tables;
    }

    private void said(RunningOldTallow app, String database, String script) throws Exception {
        Process done = run(app, database, script);
        assertThat(done.exitValue())
                .as(new String(done.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                .isZero();
    }

    private Process run(RunningOldTallow app, String database, String script) throws IOException, InterruptedException {
        var bash = new ProcessBuilder("bash", "-c", """
                set -euo pipefail
                ROOT=%s
                . "$ROOT/scripts/lib.sh"; . "$ROOT/scripts/database.sh"; . "$ROOT/scripts/backup.sh"
                need_postgres
                %s
                """.formatted(ROOT, script)).redirectErrorStream(true);
        bash.environment().put("OLDTALLOW_DB_URL", app.postgres().url().replaceFirst("/postgres$", "/" + database));
        bash.environment().put("OLDTALLOW_DB_USER", app.postgres().user());
        bash.environment().put("OLDTALLOW_DB_PASSWORD", "");
        bash.environment().put("OLDTALLOW_BACKUPS", folder.toString());
        Process started = bash.start();
        started.waitFor();
        return started;
    }

    /** Somebody at the bench, who does not stop for a backup. */
    private static final class Working implements AutoCloseable {

        private final AtomicBoolean goesOn = new AtomicBoolean(true);
        private final Bench bench;
        private volatile JsonNode job;
        private final Thread hands;

        Working(RunningOldTallow app) {
            bench = new Bench(app.http());
            job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
            hands = Thread.ofVirtual().start(() -> {
                while (goesOn.get() && job.path("walk").has("now")) {
                    job = bench.doNow(job);
                }
            });
        }

        void awaitSome() {
            await().until(() -> job.path("number").asInt() >= 5);
        }

        @Override
        public void close() {
            goesOn.set(false);
            await().until(() -> !hands.isAlive());
        }
    }
}
