package oldtallow.app.outlet.api;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.outlet.model.MailReminder;
import oldtallow.app.outlet.model.MailStore;
import oldtallow.app.outlet.model.SentMail;
import oldtallow.app.platform.write.Digest;
import oldtallow.core.refusal.InvalidInputException;
import org.springframework.stereotype.Service;

/**
 * Makes sure that whoever reads at an address wants what is sent there: a code goes to it, and comes back through the person who
 * entered it. Otherwise anybody could have a stranger written to every day.
 */
@Service
public class MailAddresses {

    private static final Duration LASTS = Duration.ofHours(24);
    private static final Duration BETWEEN = Duration.ofMinutes(1);
    private static final int TRIES = 5;
    private static final int CODES = 1_000_000;

    private final MailStore store;
    private final Post post;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    MailAddresses(MailStore store, Post post, Clock clock) {
        this.store = store;
        this.post = post;
        this.clock = clock;
    }

    /** Sends a code where one is needed; one a minute at most. */
    public void sendCode() {
        SignedIn person = CurrentPerson.now();
        MailReminder reminder = kept(person);
        if (reminder.isConfirmed()) {
            return;
        }
        Instant now = clock.instant();
        String code = "%06d".formatted(random.nextInt(CODES));
        if (!store.takeCode(person.personId(), digest(reminder, code), now, now.minus(BETWEEN))) {
            throw new InvalidInputException(
                    "code", "", "was sent less than a minute ago; look there first, then ask again");
        }
        String problem = post.send(reminder.address(), new MailText("Old Tallow: the code is " + code, """
                %s entered this address for reminders of a workshop's wheel bearings.

                If that is right, the code is  %s  (for a day).
                If you do not know them, do nothing: no more comes here.
                """.formatted(
                        person.name(), code)));
        // kept without the code: whoever entered the address is not to read it here
        store.add(new SentMail(
                UUID.randomUUID(),
                person.personId(),
                now,
                reminder.address(),
                "Old Tallow: a code",
                post.reachesNobody()
                        ? "This is the demo, so here it is: " + code + "\n"
                        : "It stands in the mail itself.\n",
                problem));
    }

    /** Refuses a code that is not the one sent to the address as it is kept now. */
    public void confirm(String code) {
        SignedIn person = CurrentPerson.now();
        MailReminder reminder = kept(person);
        Instant since = clock.instant().minus(LASTS);
        if (!store.confirm(person.personId(), digest(reminder, code.strip()), since, TRIES)) {
            throw new InvalidInputException(
                    "code", "", "is not the one sent last, or it was tried too often; have another one sent");
        }
    }

    private MailReminder kept(SignedIn person) {
        return store.of(person.personId())
                .orElseThrow(() -> new InvalidInputException("address", "", "is missing; keep where to send it first"));
    }

    /** Of the address as well: a code that came to one's own is worth nothing for another's. */
    private static String digest(MailReminder reminder, String code) {
        return HexFormat.of().formatHex(Digest.of(reminder.personId() + " " + reminder.address() + " " + code));
    }
}
