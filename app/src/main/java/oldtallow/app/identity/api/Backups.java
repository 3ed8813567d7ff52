package oldtallow.app.identity.api;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;

/** Backups as they lie in their folder; they are written by {@code ./run} and by the service, not by the application. */
@Service
public class Backups {

    private static final String WHAT = "*.dump";
    private static final Duration OLD = Duration.ofDays(7);

    private final String folder;
    private final Clock clock;

    Backups(@Value("${oldtallow.backups}") String folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    /** {@code isOld}: whether more than a week of work would be lost with the machine. */
    public record Backup(Instant at, long bytes, boolean isOld) {}

    /** The latest one; empty where there is none. */
    public Optional<Backup> last() {
        if (folder.isBlank()) {
            return Optional.empty();
        }
        try (var files = Files.newDirectoryStream(Path.of(folder), WHAT)) {
            return StreamSupport.stream(files.spliterator(), false)
                    .flatMap(this::backup)
                    .max(Comparator.comparing(Backup::at));
        } catch (IOException e) {
            return Optional.empty(); // no folder, or none that may be looked into: there is no backup to count on
        }
    }

    private Stream<Backup> backup(Path file) {
        try {
            BasicFileAttributes attributes = Files.readAttributes(file, BasicFileAttributes.class);
            Instant at = attributes.lastModifiedTime().toInstant();
            return Stream.of(new Backup(at, attributes.size(), at.plus(OLD).isBefore(clock.instant())));
        } catch (IOException e) {
            return Stream.empty(); // its days were over just now, or it cannot be read: none to count on
        }
    }
}
