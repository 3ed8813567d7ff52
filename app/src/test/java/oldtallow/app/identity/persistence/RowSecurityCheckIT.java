package oldtallow.app.identity.persistence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.util.List;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.core.NestedExceptionUtils;

/** Started on a database that lost its roles, its row security or its time: refused, and mended by what the refusal says. */
class RowSecurityCheckIT {

    private RunningOldTallow app;
    private Http founder;

    @BeforeEach
    void start() {
        app = RunningOldTallow.empty();
        founder = app.founder();
        app.stop();
    }

    @AfterEach
    void stop() {
        app.close();
    }

    @Test
    void restoredWithoutTheApplicationsRole() {
        // what a restored backup is like on a server that does not know the role: its policies and rights went with it
        app.db().execute("drop owned by oldtallow_app");
        app.db().execute("drop role oldtallow_app");

        UnfitDatabaseException first = refusal();
        assertThat(first).hasMessageContaining("cannot sign in").hasMessageContaining("oldtallow_app");
        assertThat(first.remedy()).contains("create role oldtallow_app login");

        app.db().execute("create role oldtallow_app login");
        UnfitDatabaseException second = refusal();
        assertThat(second)
                .hasMessageContaining("missing: permissive policy own_workshop on rig ")
                .hasMessageContaining("missing: select on rig to oldtallow_app")
                .hasMessageContaining("missing: execute of sign_in_account(asked text) to oldtallow_app")
                .hasMessageContaining("missing: usage on written to oldtallow_app");
        mendAsTold(second);
        app.restart();

        assertThat(founder.signIn("bex", "grease under nails").status()).isEqualTo(200);
        assertThat(founder.get("/api/v1/yard").status()).isEqualTo(200);
    }

    @Test
    void alteredByHand() {
        List<String> alterations = List.of(
                "drop policy own_workshop on job",
                "create policy open on rig to public using (true)",
                "alter table stock_move disable row level security",
                "alter table audit_entry disable trigger user",
                "alter table job_entry disable trigger user",
                "revoke update (name) on workshop from oldtallow_app",
                "grant delete on job_entry to oldtallow_app",
                "alter function sign_in_account(text) security invoker",
                "alter table stock_move drop constraint stock_move_id_key");
        alterations.forEach(app.db()::execute);

        UnfitDatabaseException refusal = refusal();
        assertThat(refusal)
                .hasMessageContaining("missing: permissive policy own_workshop on job for")
                .hasMessageContaining("too much: permissive policy open on rig for")
                .hasMessageContaining("missing: row security on stock_move")
                .hasMessageContaining("on job_entry at work")
                .hasMessageContaining("missing: update of name on workshop to oldtallow_app")
                .hasMessageContaining("too much: delete on job_entry to oldtallow_app")
                .hasMessageContaining("missing: function sign_in_account(asked text) with its owner's rights")
                .hasMessageContaining("missing: constraint stock_move_id_key on stock_move");
        mendAsTold(refusal);
        app.restart();
        assertThat(founder.get("/api/v1/yard").status()).isEqualTo(200);
    }

    @Test
    void ofANewerVersion() {
        app.db().execute("""
                insert into flyway_schema_history
                values (99, '99', 'of tomorrow', 'SQL', 'V99__of_tomorrow.sql', 1, 'app', now(), 1, true)
                """);
        assertThat(refusal())
                .hasMessageContaining("belongs to a newer Old Tallow")
                .hasMessageContaining("version 99");
    }

    @Test
    void startedAsTheOwnerOfTheTables() {
        app.db().execute("alter table rig owner to oldtallow_app");
        assertThat(refusal()).hasMessageContaining("stands above row security");
    }

    private UnfitDatabaseException refusal() {
        Throwable thrown = catchThrowable(app::restart);
        assertThat(thrown).isNotNull();
        Throwable cause = NestedExceptionUtils.getMostSpecificCause(thrown);
        assertThat(cause).isInstanceOf(UnfitDatabaseException.class);
        return (UnfitDatabaseException) cause;
    }

    /** As somebody would who runs the statements the remedy lists. */
    private void mendAsTold(UnfitDatabaseException refusal) {
        String remedy = refusal.remedy();
        app.db().execute(remedy.substring(remedy.indexOf("\n\n")));
    }
}
