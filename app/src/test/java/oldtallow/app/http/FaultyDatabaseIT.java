package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.RunningOldTallow;
import org.jooq.CloseableDSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** A database that is there and takes nothing: what can be read is read, and the answer names the cause. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class FaultyDatabaseIT {

    /** As in operation, but quick to give up. */
    private static final String IMPATIENT =
            "--spring.datasource.hikari.data-source-properties.options=-c statement_timeout=700 -c lock_timeout=300";

    private RunningOldTallow app;
    private Http bex;
    private Bench.Pair rig;

    @BeforeAll
    void start() {
        app = RunningOldTallow.empty(IMPATIENT);
        bex = app.founder();
        rig = new Bench(bex).newPair("STEPPED_BRAKED");
    }

    @AfterAll
    void stop() {
        app.close();
    }

    @Test
    void readOnly() {
        app.db().execute("alter role oldtallow_app set default_transaction_read_only = on");
        newConnections();
        try {
            refused(dunk(UUID.randomUUID()), 503, "Database can be read only", "(it is read-only)", "can be read");
            readable();
        } finally {
            app.db().execute("alter role oldtallow_app reset default_transaction_read_only");
            newConnections();
        }
        assertThat(dunk(UUID.randomUUID()).status()).isEqualTo(200);
    }

    @Test
    void fullDisk() {
        app.db().execute("truncate water_entry");
        String file = app.db()
                .fetchSingle("select pg_relation_filepath('water_entry')")
                .get(0, String.class);
        app.crashDatabase();
        app.postgres().putOnFullDisk(file);
        app.postgres().restart();
        await().until(() -> bex.get("/api/v1/yard").status() == 200);
        try {
            refused(dunk(UUID.randomUUID()), 503, "Disk full", "disk is full", "Make room on the disk");
            readable();
            assertThat(new Bench(bex).newPair("STEPPED_BRAKED").rig()).isNotEmpty();
        } finally {
            app.db().execute("truncate water_entry"); // gives the table another file
        }
        assertThat(dunk(UUID.randomUUID()).status()).isEqualTo(200);
    }

    @Test
    void tooSlow() {
        app.db()
                .execute("create function sleeps() returns trigger language plpgsql"
                        + " as 'begin perform pg_sleep(5); return new; end'");
        app.db().execute("create trigger sleeps before insert on water_entry for each row execute function sleeps()");
        try {
            refused(dunk(UUID.randomUUID()), 503, "Took too long", "took too long", "try again");
            readable();
        } finally {
            app.db().execute("drop function sleeps() cascade");
        }
    }

    @Test
    void heldBySomebodyElse() {
        UUID id = UUID.randomUUID();
        try (CloseableDSLContext other =
                DSL.using(app.postgres().url(), app.postgres().user(), "")) {
            other.transaction(holds -> {
                holds.dsl().execute("lock table water_entry in exclusive mode");
                Answer busy = dunk(id);
                refused(busy, 503, "Busy", "too many are at work", "tried again by itself");
                assertThat(busy.json().path("type").asString()).isEqualTo("urn:oldtallow:busy");
            });
        }
        assertThat(dunk(id).status()).isEqualTo(200);
        assertThat(app.db().fetchCount(DSL.table("water_entry"), DSL.field("id").eq(id)))
                .isEqualTo(1);
    }

    @Test
    void awayAltogether() {
        app.crashDatabase();
        try {
            Answer yard = bex.get("/api/v1/yard");
            assertThat(yard.status()).as(yard.text()).isEqualTo(503);
            assertThat(yard.json().path("detail").asString()).startsWith("Not to be read now: the database");
            for (String page : new String[] {"/", "/bench", "/rigs/" + rig.rig(), "/almanac"}) {
                Answer shell = bex.get(page);
                assertThat(shell.status()).as(page).isEqualTo(200);
                assertThat(shell.text()).contains("<!doctype html>");
            }
        } finally {
            app.postgres().restart();
        }
        await().untilAsserted(this::readable);
    }

    @Test
    void aSessionThatCannotBeReadIsNone() {
        Http other = app.stranger();
        assertThat(other.signIn("bex", "grease under nails").status()).isEqualTo(200);
        app.db().execute("update spring_session_attributes set attribute_bytes = '\\x00'");
        for (Http device : new Http[] {other, bex}) {
            Answer answer = device.get("/api/v1/yard");
            assertThat(answer.status()).as(answer.text()).isEqualTo(401);
            assertThat(answer.json().path("detail").asString()).contains("sign in");
        }
        assertThat(bex.signIn("bex", "grease under nails").status()).isEqualTo(200);
        readable();
    }

    private void readable() {
        assertThat(bex.get("/api/v1/yard").status()).isEqualTo(200);
        assertThat(bex.get("/api/v1/rigs/" + rig.rig()).status()).isEqualTo(200);
        assertThat(bex.get("/").status()).isEqualTo(200);
    }

    private Answer dunk(UUID id) {
        return bex.put("/api/v1/rigs/" + rig.rig() + "/water/" + id, """
                {"on": "%s", "kind": "DUNKING", "salt": true, "hot": false}
                """.formatted(
                        LocalDate.now(ZoneId.systemDefault()).minusDays(1)));
    }

    private void refused(Answer answer, int status, String title, String cause, String remedy) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.json().path("title").asString()).isEqualTo(title);
        assertThat(answer.json().path("detail").asString())
                .startsWith("Nothing was saved: ")
                .contains(cause, "Your entry is still here", remedy);
        assertThat(answer.headers().firstValue("retry-after")).isPresent();
    }

    /** What a role is set to holds from its next connection on. */
    private void newConnections() {
        app.db().execute("select pg_terminate_backend(pid) from pg_stat_activity where usename = 'oldtallow_app'");
        await().until(() -> bex.get("/api/v1/yard").status() == 200);
    }
}
