package oldtallow.app.identity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.jooq.CloseableDSLContext;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Raw SQL in the role the application connects as, told that it asks for one of two workshops. */
@ExtendWith(OldTallowExtension.class)
class RowSecurityIT {

    private static final UUID OURS = UUID.randomUUID();
    private static final UUID THEIRS = UUID.randomUUID();

    /** Two workshops with a row in every table that a workshop's rows are kept in. */
    @BeforeAll
    static void openTwoWorkshops(RunningOldTallow app) {
        DSLContext db = app.db();
        for (UUID workshop : List.of(OURS, THEIRS)) {
            db.execute("insert into workshop (id, name) values (?, 'Test')", workshop);
            RowsOfEveryTable.fill(db, workshop);
        }
    }

    @Test
    void readsNothingOfAnotherWorkshopFromAnyTable(RunningOldTallow app) {
        for (String table : isolatedTables(app)) {
            String readable = Set.of("person", "second_factor").contains(table) ? "id, workshop_id" : "*";
            List<UUID> seen =
                    asked(app, OURS, "select workshop_id from (select " + readable + " from " + table + ") t");
            long really = app.db().fetchValue("select count(*) from " + table + " where workshop_id = ?", THEIRS)
                            instanceof Long count
                    ? count
                    : 0;

            assertThat(really).as("rows of theirs in %s", table).isPositive();
            assertThat(seen).as(table).isNotEmpty().containsOnly(OURS);
        }
        assertThat(asked(app, OURS, "select id from workshop")).containsExactly(OURS);
    }

    @Test
    void changesAndDeletesNothingOfAnotherWorkshop(RunningOldTallow app) {
        assertThat(changed(app, "update rig set name = 'taken' where workshop_id = '" + THEIRS + "'"))
                .isZero();
        assertThat(changed(app, "update person set name = 'taken' where workshop_id = '" + THEIRS + "'"))
                .isZero();
        assertThat(changed(app, "update workshop set name = 'taken' where id = '" + THEIRS + "'"))
                .isZero();
        assertThat(changed(app, "delete from figure where workshop_id = '" + THEIRS + "'"))
                .isZero();
    }

    @Test
    void putsNothingIntoAnotherWorkshopNorMovesARowThere(RunningOldTallow app) {
        assertThatThrownBy(() -> changed(app, """
                        insert into person (id, workshop_id, name, sign_in_name, role, password_hash)
                        values (gen_random_uuid(), '%s', 'Spy', 'spy', 'OWNER', 'x')""".formatted(THEIRS)))
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("row-level security");
        assertThatThrownBy(() -> changed(app, "update rig set workshop_id = '" + THEIRS + "'"))
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("row-level security");
    }

    @Test
    void seesNothingWithoutSayingForWhomItAsks(RunningOldTallow app) {
        try (CloseableDSLContext nobody = app.dbAsApplication()) {
            for (String table : isolatedTables(app)) {
                assertThat(nobody.fetchValue("select count(workshop_id) from " + table))
                        .as(table)
                        .isEqualTo(0L);
            }
        }
    }

    @Test
    void cannotTakeDownRowSecurity(RunningOldTallow app) {
        for (String attempt : List.of(
                "alter table rig disable row level security",
                "drop policy own_workshop on rig",
                "set role app",
                "alter role oldtallow_app bypassrls",
                "select password_hash from person",
                "delete from audit_entry",
                "insert into audit_entry (workshop_id, person_name, action, record, record_id)" + " values ('" + OURS
                        + "', 'x', 'INSERT', 'rig', gen_random_uuid())",
                "alter table rig disable trigger audit",
                "select audit_change()")) {
            assertThatThrownBy(() -> changed(app, attempt))
                    .as(attempt)
                    .isInstanceOf(DataAccessException.class)
                    .hasMessageMatching("(?s).*(permission denied|must be owner|must be superuser).*");
        }
        assertThat(app.db().fetchValue("""
                        select rolsuper or rolbypassrls or rolcreaterole or rolcreatedb from pg_roles
                        where rolname = 'oldtallow_app'""")).isEqualTo(false);
    }

    @Test
    void everyChangeIsInTheTrailWithWhoAndWhat(RunningOldTallow app) {
        UUID tobe = RowsOfEveryTable.id(OURS, "person");
        String rig = RowsOfEveryTable.id(OURS, "rig").toString();
        try (CloseableDSLContext db = told(app, OURS, tobe)) {
            db.execute("update rig set name = 'Renamed' where id = '" + rig + "'");
        }

        var entry = app.db().fetchSingle("""
                        select person_name, action, before ->> 'name', after ->> 'name', after - 'name'
                        from audit_entry where record_id = ?::uuid order by id desc limit 1""", rig);
        assertThat(entry.get(0)).isEqualTo("Person");
        assertThat(entry.get(1)).isEqualTo("UPDATE");
        assertThat(entry.get(2)).isEqualTo("Rig");
        assertThat(entry.get(3)).isEqualTo("Renamed");
        assertThat(String.valueOf(entry.get(4)))
                .as("nothing that did not change")
                .isEqualTo("{}");
        assertThat(app.db().fetchValue("""
                                select count(*) from audit_entry
                                where record = 'person' and coalesce(after ->> 'password_hash', 'changed') <> 'changed'"""))
                .as("that a password was changed, never its hash")
                .isEqualTo(0L);
    }

    @Test
    void theTrailIsAppendOnlyEvenForTheOwnerOfTheTables(RunningOldTallow app) {
        assertThatThrownBy(() -> app.db().execute("update audit_entry set person_name = 'x'"))
                .hasMessageContaining("append-only");
        assertThatThrownBy(() -> app.db().execute("delete from audit_entry")).hasMessageContaining("append-only");
        assertThatThrownBy(() -> app.db().execute("truncate audit_entry")).hasMessageContaining("append-only");
    }

    private static List<String> isolatedTables(RunningOldTallow app) {
        return app.db().fetch("""
                        select c.relname from pg_class c
                        join pg_attribute a on a.attrelid = c.oid and a.attname = 'workshop_id'
                        where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace
                        """).getValues(0, String.class);
    }

    private static List<UUID> asked(RunningOldTallow app, UUID workshop, String query) {
        try (CloseableDSLContext db = told(app, workshop, null)) {
            return db.fetch(query).getValues(0, UUID.class);
        }
    }

    private static int changed(RunningOldTallow app, String statement) {
        try (CloseableDSLContext db = told(app, OURS, null)) {
            return db.execute(statement);
        }
    }

    private static CloseableDSLContext told(
            RunningOldTallow app, UUID workshop, @org.jspecify.annotations.Nullable UUID person) {
        CloseableDSLContext db = app.dbAsApplication();
        db.fetch(
                "select set_config('oldtallow.workshop', ?, false), set_config('oldtallow.person', ?, false)",
                workshop.toString(),
                person == null ? "" : person.toString());
        return db;
    }
}
