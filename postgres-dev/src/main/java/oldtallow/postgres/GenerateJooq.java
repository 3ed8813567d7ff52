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
import org.jooq.codegen.GenerationTool;
import org.jooq.meta.jaxb.Configuration;
import org.jooq.meta.jaxb.Database;
import org.jooq.meta.jaxb.Generate;
import org.jooq.meta.jaxb.Generator;
import org.jooq.meta.jaxb.Jdbc;
import org.jooq.meta.jaxb.Target;

/**
 * Runs the migrations on a throwaway PostgreSQL and generates the jOOQ classes from what they made. Arguments: folder of
 * migrations, folder for the classes. Does nothing when neither migrations nor jOOQ changed since last time.
 */
public final class GenerateJooq {

    private GenerateJooq() {}

    public static void main(String[] arguments) throws Exception {
        Path migrations = Path.of(arguments[0]);
        Path target = Path.of(arguments[1]);
        Path stamp = target.resolve("stamp");
        String hash = hash(migrations);
        if (Files.exists(stamp) && Files.readString(stamp).equals(hash)) {
            return;
        }
        try (var postgres = ThrowawayPostgres.start()) {
            Flyway.configure()
                    .dataSource(postgres.url(), postgres.user(), "")
                    .locations("filesystem:" + migrations)
                    .load()
                    .migrate();
            GenerationTool.generate(configuration(postgres, target));
        }
        Files.writeString(stamp, hash);
        System.exit(0); // Flyway and the driver leave threads behind
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

    private static String hash(Path migrations) throws IOException, NoSuchAlgorithmException {
        MessageDigest digest = MessageDigest.getInstance("SHA-256");
        digest.update(org.jooq.Constants.FULL_VERSION.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        try (Stream<Path> files = Files.list(migrations)) {
            List<Path> sorted = files.sorted().toList();
            for (Path file : sorted) {
                digest.update(Files.readAllBytes(file));
            }
        }
        return HexFormat.of().formatHex(digest.digest());
    }
}
