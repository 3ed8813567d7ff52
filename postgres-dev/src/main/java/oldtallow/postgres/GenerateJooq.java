package oldtallow.postgres;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.jooq.CloseableDSLContext;
import org.jooq.codegen.GenerationTool;
import org.jooq.impl.DSL;
import org.jooq.meta.jaxb.Configuration;
import org.jooq.meta.jaxb.Database;
import org.jooq.meta.jaxb.Generate;
import org.jooq.meta.jaxb.Generator;
import org.jooq.meta.jaxb.Jdbc;
import org.jooq.meta.jaxb.Target;

/**
 * Runs the migrations on a throwaway PostgreSQL, generates the jOOQ classes from what they made, and writes down its row
 * security. Arguments: folder of the SQL files, folder for the classes, file for the row security. Does nothing when neither SQL nor jOOQ
 * changed since last time.
 */
public final class GenerateJooq {

    private GenerateJooq() {}

    public static void main(String[] arguments) throws Exception {
        Path sql = Path.of(arguments[0]);
        Path target = Path.of(arguments[1]);
        Path rowSecurity = Path.of(arguments[2]);
        Path stamp = target.resolve("stamp");
        String hash = hash(sql);
        if (Files.exists(stamp)
                && Files.exists(rowSecurity)
                && Files.readString(stamp).equals(hash)) {
            return;
        }
        try (var postgres = ThrowawayPostgres.start()) {
            Flyway.configure()
                    .dataSource(postgres.url(), postgres.user(), "")
                    .locations("filesystem:" + sql.resolve("migration"))
                    .load()
                    .migrate();
            GenerationTool.generate(configuration(postgres, target));
            Files.createDirectories(rowSecurity.getParent());
            Files.writeString(rowSecurity, rowSecurity(postgres, Files.readString(sql.resolve("row-security.sql"))));
        }
        Files.writeString(stamp, hash);
        System.exit(0); // Flyway and the driver leave threads behind
    }

    private static String rowSecurity(ThrowawayPostgres postgres, String query) {
        try (CloseableDSLContext db = DSL.using(postgres.url(), postgres.user(), "")) {
            return db.fetch(query).formatCSV();
        }
    }

    private static Configuration configuration(ThrowawayPostgres postgres, Path target) {
        return new Configuration()
                .withJdbc(new Jdbc()
                        .withDriver("org.postgresql.Driver")
                        .withUrl(postgres.url())
                        .withUser(postgres.user()))
                .withGenerator(new Generator()
                        .withDatabase(new Database().withInputSchema("public").withExcludes("flyway_.*"))
                        .withGenerate(new Generate()
                                .withRecords(true)
                                .withPojos(false)
                                .withDaos(false))
                        .withTarget(new Target().withPackageName("oldtallow.db").withDirectory(target.toString())));
    }

    private static String hash(Path sql) throws IOException, NoSuchAlgorithmException {
        MessageDigest digest = MessageDigest.getInstance("SHA-256");
        digest.update(org.jooq.Constants.FULL_VERSION.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        try (Stream<Path> files = Files.walk(sql).filter(Files::isRegularFile)) {
            List<Path> sorted = files.sorted().toList();
            for (Path file : sorted) {
                digest.update(Files.readAllBytes(file));
            }
        }
        return HexFormat.of().formatHex(digest.digest());
    }
}
