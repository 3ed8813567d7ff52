package oldtallow.app.outlet.model;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;
import oldtallow.core.schedule.reminder.DailyRound;
import oldtallow.core.schedule.reminder.QuietHours;
import org.jspecify.annotations.Nullable;

/**
 * When a person wants to be reminded by mail.
 *
 * @param version 0 before anything was kept
 * @param confirmed the address whose reader has said that they want it; another is not written to
 * @param daysAhead of what is due so soon, 1 to 90
 * @param lastSentOn the day whose mail went out last, or was not worth one; null before the first
 * @param lastContent digest of what was told last
 * @param tryAgainAt after a mail server that did not answer; else null
 */
public record MailReminder(
        UUID personId,
        int version,
        String address,
        String confirmed,
        boolean wanted,
        LocalTime at,
        QuietHours quiet,
        int daysAhead,
        @Nullable LocalDate lastSentOn,
        String lastContent,
        @Nullable Instant tryAgainAt) {

    /** Whether it asks for nothing else. */
    public boolean isSameAs(MailReminder other) {
        return address.equals(other.address.strip())
                && wanted == other.wanted
                && at.equals(other.at)
                && quiet.equals(other.quiet)
                && daysAhead == other.daysAhead;
    }

    /** Whether whoever reads at its address has said so. */
    public boolean isConfirmed() {
        return !address.isEmpty() && address.equals(confirmed);
    }

    public DailyRound round() {
        return new DailyRound(at, quiet);
    }

    public Optional<LocalDate> lastSent() {
        return Optional.ofNullable(lastSentOn);
    }
}
