package oldtallow.app;

import java.util.Objects;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.output.MigrateResult;

/**
 * Brings the tables up to this version, and ends: a program of its own, so that what serves the workshop never knows the role
 * that owns them. Reads OLDTALLOW_DB_URL, OLDTALLOW_DB_USER and OLDTALLOW_DB_PASSWORD.
 */
public final class Migrate {

    private Migrate() {}

    public static void main(String[] arguments) {
        MigrateResult done = Flyway.configure()
                .dataSource(setting("OLDTALLOW_DB_URL"), setting("OLDTALLOW_DB_USER"), setting("OLDTALLOW_DB_PASSWORD"))
                .load()
                .migrate();
        System.out.println(
                done.migrationsExecuted == 0
                        ? "The tables are of this version."
                        : "The tables were brought up to version " + done.targetSchemaVersion + ".");
    }

    private static String setting(String name) {
        return Objects.requireNonNull(System.getenv(name), name + " is not set");
    }
}
