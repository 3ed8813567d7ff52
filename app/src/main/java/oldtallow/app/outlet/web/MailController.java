package oldtallow.app.outlet.web;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.outlet.api.MailAddresses;
import oldtallow.app.outlet.api.MailRounds;
import oldtallow.app.outlet.api.Mails;
import oldtallow.app.outlet.api.Post;
import oldtallow.app.outlet.model.MailReminder;
import oldtallow.app.outlet.model.SentMail;
import oldtallow.app.platform.write.OwnTransactions;
import oldtallow.core.schedule.reminder.QuietHours;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MailController {

    private final Mails mails;
    private final MailRounds rounds;
    private final MailAddresses addresses;
    private final Post post;

    MailController(Mails mails, MailRounds rounds, MailAddresses addresses, Post post) {
        this.mails = mails;
        this.rounds = rounds;
        this.addresses = addresses;
        this.post = post;
    }

    /** Mail reminders of whoever asks. */
    @GetMapping("/api/v1/mail-reminder")
    MailView mine() {
        MailReminder reminder = mails.mine();
        return new MailView(
                reminder.version(),
                reminder.address(),
                reminder.isConfirmed(),
                reminder.wanted(),
                reminder.at(),
                reminder.quiet().from(),
                reminder.quiet().to(),
                reminder.daysAhead(),
                mails.next(reminder).map(ZonedDateTime::toInstant).orElse(null),
                post.reachesNobody(),
                mails.sent().stream().map(SentMailView::of).toList());
    }

    /** Sets when and to whom dues are mailed. */
    @PutMapping("/api/v1/mail-reminder")
    MailView put(@RequestBody MailForm form) {
        mails.put(form.toReminder(CurrentPerson.now().personId()));
        return mine();
    }

    /** Sends a code to the address that is kept, so that its reader can say that they want it. */
    @OwnTransactions("a mail server is waited for")
    @PostMapping("/api/v1/mail-reminder/code")
    MailView sendCode() {
        addresses.sendCode();
        return mine();
    }

    /** The code, as it came there. */
    @OwnTransactions("a try with a wrong code is counted though it is refused")
    @PostMapping("/api/v1/mail-reminder/confirmed")
    MailView confirm(@RequestBody CodeForm form) {
        addresses.confirm(form.code());
        return mine();
    }

    record CodeForm(String code) {}

    /** Sends it now, whatever the hour. */
    @OwnTransactions("a mail server is waited for")
    @PostMapping("/api/v1/mail-reminder/now")
    MailView sendNow() {
        rounds.sendNow();
        return mine();
    }

    /**
     * When to be reminded.
     *
     * @param version as it was read; 0 before anything was kept
     * @param at time of day, by the clock of the machine Old Tallow runs on
     * @param quietTo earlier than {@code quietFrom} over midnight; the same for no quiet hours
     */
    record MailForm(
            int version,
            String address,
            boolean wanted,
            LocalTime at,
            LocalTime quietFrom,
            LocalTime quietTo,
            int daysAhead) {

        MailReminder toReminder(UUID personId) {
            return new MailReminder(
                    personId,
                    version,
                    address,
                    "",
                    wanted,
                    at,
                    new QuietHours(quietFrom, quietTo),
                    daysAhead,
                    null,
                    "",
                    null);
        }
    }

    /**
     * Reminders by mail.
     *
     * @param confirmed whether whoever reads at the address has said that they want it
     * @param next when the next one goes out; left out where none is wanted
     * @param standIn whether mails go to the simulated mail server, and reach nobody
     * @param sent latest first
     */
    record MailView(
            int version,
            String address,
            boolean confirmed,
            boolean wanted,
            LocalTime at,
            LocalTime quietFrom,
            LocalTime quietTo,
            int daysAhead,
            @Nullable Instant next,
            boolean standIn,
            List<SentMailView> sent) {}

    /** @param problem why it did not go out; empty where the mail server took it */
    record SentMailView(UUID id, Instant at, String address, String subject, String body, String problem) {

        static SentMailView of(SentMail mail) {
            return new SentMailView(mail.id(), mail.at(), mail.address(), mail.subject(), mail.body(), mail.problem());
        }
    }
}
