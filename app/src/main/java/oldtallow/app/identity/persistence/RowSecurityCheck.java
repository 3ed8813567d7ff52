package oldtallow.app.identity.persistence;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationState;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.Result;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.InitializingBean;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.sql.init.dependency.DependsOnDatabaseInitialization;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/**
 * Refuses a database whose row security is not what the migrations made: restored without its roles,
 * altered by hand, of a newer version. Whoever starts it is told which statements mend it.
 */
@Component
@DependsOnDatabaseInitialization
class RowSecurityCheck implements InitializingBean {

    private static final Logger LOG = LoggerFactory.getLogger(RowSecurityCheck.class);
    private static final int OLDEST_SERVER = 150_000;
    private static final String NO_SIGN_IN = "28";
    private static final String RESTORED = """
            It was restored without its roles and rights, or altered by hand. Run these statements as the owner of the tables \
            (psql -f), then start again; a backup keeps them if it is made and restored with its roles (pg_dumpall \
            --roles-only beside pg_dump) and without --no-privileges:

            """;

    private final DSLContext db;
    private final ObjectProvider<Flyway> migrations;

    RowSecurityCheck(DSLContext db, ObjectProvider<Flyway> migrations) {
        this.db = db;
        this.migrations = migrations;
    }

    @Override
    public void afterPropertiesSet() {
        migrations.ifAvailable(RowSecurityCheck::refuseNewerTables);
        try {
            refuseOldServer();
            refuseRoleAboveRowSecurity();
            refuseMissingRowSecurity();
            if (setting("data_checksums").equals("off")) {
                LOG.warn(
                        "the database keeps no checksums of its pages, so a failing disk would go unnoticed; with the server"
                                + " stopped, pg_checksums --enable -D <its data folder> turns them on");
            }
        } catch (RuntimeException e) {
            if (NestedExceptionUtils.getMostSpecificCause(e) instanceof SQLException said
                    && String.valueOf(said.getSQLState()).startsWith(NO_SIGN_IN)) {
                throw noSignIn(said);
            }
            throw e;
        }
    }

    private static UnfitDatabaseException noSignIn(SQLException said) {
        return new UnfitDatabaseException(
                "The application's role cannot sign in to the database: " + said.getMessage(),
                "Roles are no part of a restored backup. As a superuser: create role oldtallow_app login password '...',"
                        + " and give the same password in OLDTALLOW_DB_APP_PASSWORD; then start again.");
    }

    private static void refuseNewerTables(Flyway flyway) {
        Arrays.stream(flyway.info().all())
                .filter(one -> one.getState() == MigrationState.FUTURE_SUCCESS)
                .map(MigrationInfo::getVersion)
                .reduce((earlier, later) -> later)
                .ifPresent(version -> {
                    throw new UnfitDatabaseException(
                            "The database belongs to a newer Old Tallow: its tables are of version " + version + ".",
                            "Start that newer Old Tallow, or restore a backup made before the upgrade.");
                });
    }

    private void refuseOldServer() {
        if (Integer.parseInt(setting("server_version_num")) < OLDEST_SERVER) {
            throw new UnfitDatabaseException(
                    "The server is PostgreSQL " + setting("server_version") + ".",
                    "Use PostgreSQL 15 or newer; pg_upgrade brings the data over.");
        }
    }

    /** Row-level security does not hold a superuser or a table's owner; started as one of them, it would be paint. */
    private void refuseRoleAboveRowSecurity() {
        boolean isAbove = db.fetchSingle("""
                        select r.rolsuper or r.rolbypassrls or exists (
                            select from pg_class c where c.relnamespace = 'public'::regnamespace and c.relowner = r.oid)
                        from pg_roles r where r.rolname = current_user
                        """).get(0, Boolean.class);
        if (isAbove) {
            throw new UnfitDatabaseException(
                    "The database role of the application stands above row security, which keeps workshops apart.",
                    "Give it a role that is no superuser, does not bypass row security and owns no table: oldtallow_app,"
                            + " as ./run --help says.");
        }
    }

    private void refuseMissingRowSecurity() {
        Map<String, Record> wanted = byName(db.fetchFromCSV(resource("db/row-security.csv")));
        Map<String, Record> found = byName(db.fetch(resource("db/row-security.sql")));
        List<String> differ = new ArrayList<>();
        List<String> statements = new ArrayList<>();
        found.forEach((name, extra) -> {
            String undone = extra.get("undone", String.class);
            if (!wanted.containsKey(name) && !undone.isEmpty()) {
                differ.add("too much: " + name);
                statements.add(undone);
            }
        });
        wanted.forEach((name, missing) -> {
            if (!found.containsKey(name)) {
                differ.add("missing: " + name);
                statements.add(missing.get("mended", String.class).strip());
            }
        });
        if (!differ.isEmpty()) {
            throw new UnfitDatabaseException(
                    "The row security that keeps workshops apart is not what the migrations made:\n  "
                            + String.join("\n  ", differ),
                    RESTORED + String.join(";\n", statements) + ";");
        }
    }

    private String setting(String name) {
        return db.fetchSingle("select current_setting(?)", name).get(0, String.class);
    }

    private static Map<String, Record> byName(Result<? extends Record> rows) {
        return rows.stream()
                .collect(Collectors.toMap(
                        row -> row.get("stands", String.class), row -> row, (one, same) -> one, LinkedHashMap::new));
    }

    private static String resource(String name) {
        try {
            return new ClassPathResource(name).getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
