package oldtallow.app.outlet.api;

import java.time.Clock;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.outlet.model.MailReminder;
import oldtallow.app.outlet.model.MailStore;
import oldtallow.app.outlet.model.SentMail;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.write.SentEntries;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.reminder.QuietHours;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Mail reminders of whoever asks. */
@Service
public class Mails {

    private static final int MOST_ADDRESS = 254;
    private static final int MOST_DAYS = 90;
    private static final int SHOWN = 20;
    /** Something, an at, a name: whether anybody lives there only the mail server knows. */
    private static final Pattern ADDRESS = Pattern.compile("[^\\s@<>,;\"]{1,64}@[A-Za-z0-9][A-Za-z0-9.-]*");

    private static final MailReminder NONE_YET = new MailReminder(
            new UUID(0, 0),
            0,
            "",
            "",
            false,
            LocalTime.of(7, 30),
            new QuietHours(LocalTime.of(21, 0), LocalTime.of(7, 0)),
            14,
            null,
            "",
            null);

    private final MailStore store;
    private final SentEntries entries;
    private final Clock clock;

    Mails(MailStore store, SentEntries entries, Clock clock) {
        this.store = store;
        this.entries = entries;
        this.clock = clock;
    }

    /** As it is kept; what is usual where nothing is. */
    @Transactional(readOnly = true)
    public MailReminder mine() {
        return store.of(CurrentPerson.now().personId()).orElse(NONE_YET);
    }

    /** When the next one goes out; empty where none is wanted. */
    public Optional<ZonedDateTime> next(MailReminder reminder) {
        return reminder.wanted() && reminder.isConfirmed()
                ? Optional.of(reminder.round().next(ZonedDateTime.now(clock), reminder.lastSent()))
                : Optional.empty();
    }

    @Transactional
    public void put(MailReminder reminder) {
        var errors = new FieldErrors();
        String address = reminder.address().strip();
        if (address.length() > MOST_ADDRESS || !ADDRESS.matcher(address).matches()) {
            errors.add("address", address, "must be a mail address, such as name@example.org");
        }
        if (reminder.daysAhead() < 1 || reminder.daysAhead() > MOST_DAYS) {
            errors.add("daysAhead", reminder.daysAhead(), "must be 1 to 90 days");
        }
        errors.throwIfAny();
        entries.hold(CurrentPerson.now().personId()); // one each, so it has no id of its own to be held by
        if (!store.put(new MailReminder(
                        CurrentPerson.now().personId(),
                        reminder.version(),
                        address,
                        "", // stays as it is
                        reminder.wanted(),
                        reminder.at(),
                        reminder.quiet(),
                        reminder.daysAhead(),
                        null,
                        "",
                        null))
                && !mine().isSameAs(reminder)) {
            throw ConflictException.staleEdit("your reminder");
        }
    }

    /** What went out to whoever asks, latest first. */
    @Transactional(readOnly = true)
    public List<SentMail> sent() {
        return store.sent(CurrentPerson.now().personId(), SHOWN);
    }
}
