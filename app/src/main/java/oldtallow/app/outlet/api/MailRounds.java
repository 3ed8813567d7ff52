package oldtallow.app.outlet.api;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.outlet.model.MailReminder;
import oldtallow.app.outlet.model.MailStore;
import oldtallow.app.outlet.model.SentMail;
import oldtallow.app.platform.security.OwnAddress;
import oldtallow.app.schedule.api.DueList;
import oldtallow.core.refusal.InvalidInputException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.util.DigestUtils;

/**
 * Sends reminders when they are due: once a day, outside quiet hours, and not the same again for a week. A mail is marked as sent
 * once the server has taken it: after a crash in between it may come twice, but none is lost.
 */
@Service
public class MailRounds {

    /** Between mails that are asked for by hand. */
    private static final Duration BETWEEN = Duration.ofMinutes(1);

    private static final Logger LOG = LoggerFactory.getLogger(MailRounds.class);

    private static final Duration TRY_AGAIN = Duration.ofMinutes(15);
    private static final int SAME_AGAIN_DAYS = 7;

    private final MailStore store;
    private final DueList dues;
    private final Post post;
    private final Clock clock;
    private final OwnAddress address;

    MailRounds(MailStore store, DueList dues, Post post, Clock clock, OwnAddress address) {
        this.store = store;
        this.dues = dues;
        this.post = post;
        this.clock = clock;
        this.address = address;
    }

    /** One round; one person's trouble stops nobody else's. */
    @Scheduled(initialDelayString = "${oldtallow.mail-round}", fixedDelayString = "${oldtallow.mail-round}")
    public void make() {
        if (!dues.isWhole()) {
            return; // nobody is told that less is due than is
        }
        for (SignedIn person : store.wanted()) {
            try {
                CurrentPerson.as(person, () -> serve(person));
            } catch (RuntimeException e) {
                LOG.warn("No reminder for one person: {}", e.toString());
            }
        }
    }

    /** Sends whoever asks theirs now, whatever the hour; what went out, or why it did not. */
    public SentMail sendNow() {
        SignedIn person = CurrentPerson.now();
        MailReminder reminder = store.of(person.personId())
                .orElseThrow(() -> new InvalidInputException("address", "", "is missing; keep where to send it first"));
        if (!reminder.isConfirmed()) {
            throw new InvalidInputException("address", "", "is not confirmed yet; type the code that was sent there");
        }
        if (wasJustSent(person)) {
            throw new InvalidInputException("now", "", "was asked for less than a minute ago; look there first");
        }
        LocalDate today = LocalDate.now(clock);
        List<DueList.Item> items = dues.within(reminder.daysAhead());
        MailText text = items.isEmpty()
                ? new MailText(
                        "Old Tallow: nothing is due", "Nothing is due within " + reminder.daysAhead() + " days.\n")
                : MailText.of(items, today, address.base());
        return send(person, reminder, text);
    }

    private boolean wasJustSent(SignedIn person) {
        Instant since = clock.instant().minus(BETWEEN);
        return store.sent(person.personId(), 1).stream()
                .anyMatch(mail -> mail.at().isAfter(since));
    }

    private boolean serve(SignedIn person) {
        MailReminder reminder = store.of(person.personId()).orElseThrow();
        ZonedDateTime now = ZonedDateTime.now(clock);
        boolean isTime = reminder.isConfirmed()
                && reminder.round().isDueAt(now, reminder.lastSent())
                && Optional.ofNullable(reminder.tryAgainAt())
                        .filter(now.toInstant()::isBefore)
                        .isEmpty();
        Instant until = now.toInstant().plus(TRY_AGAIN);
        if (!isTime || !store.take(person.personId(), now.toLocalDate(), now.toInstant(), until)) {
            return false;
        }
        List<DueList.Item> items = dues.within(reminder.daysAhead());
        if (items.isEmpty()) {
            store.settle(person.personId(), "", null, now.toLocalDate());
            return false;
        }
        MailText text = MailText.of(items, now.toLocalDate(), address.base());
        String content =
                DigestUtils.md5DigestAsHex(text.body().getBytes(StandardCharsets.UTF_8)) + " " + now.toLocalDate();
        if (isTold(reminder, content, now.toLocalDate())) {
            store.settle(person.personId(), reminder.lastContent(), null, now.toLocalDate());
            return false;
        }
        boolean sent = send(person, reminder, text).problem().isEmpty();
        store.settle(
                person.personId(),
                sent ? content : reminder.lastContent(),
                sent ? null : until,
                sent ? now.toLocalDate() : reminder.lastSentOn());
        return sent;
    }

    /** The same a week ago or less. */
    private static boolean isTold(MailReminder reminder, String content, LocalDate today) {
        String[] last = reminder.lastContent().split(" ", 2);
        return last.length == 2
                && content.startsWith(last[0] + " ")
                && LocalDate.parse(last[1]).isAfter(today.minusDays(SAME_AGAIN_DAYS));
    }

    private SentMail send(SignedIn person, MailReminder reminder, MailText text) {
        String problem = post.send(reminder.address(), text);
        var mail = new SentMail(
                UUID.randomUUID(),
                person.personId(),
                clock.instant(),
                reminder.address(),
                text.subject(),
                text.body(),
                problem);
        store.add(mail);
        return mail;
    }
}
