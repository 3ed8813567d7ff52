package oldtallow.app.identity.web;

import java.time.Instant;
import oldtallow.app.identity.api.Backups;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BackupController {

    private final Backups backups;

    BackupController(Backups backups) {
        this.backups = backups;
    }

    /** When everything was last written into a file. */
    @GetMapping("/api/v1/workshop/backup")
    BackupView last() {
        return backups.last()
                .map(backup -> new BackupView(backup.at(), backup.bytes(), backup.isOld()))
                .orElse(new BackupView(null, null, true));
    }

    /**
     * @param at left out where there never was one
     * @param isOld whether more than a week of work would be lost with the machine
     */
    record BackupView(@Nullable Instant at, @Nullable Long bytes, boolean isOld) {}
}
