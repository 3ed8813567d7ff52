package oldtallow.app.outlet.persistence;

import static oldtallow.db.tables.MailReminder.MAIL_REMINDER;
import static oldtallow.db.tables.MailRemindersWanted.MAIL_REMINDERS_WANTED;
import static oldtallow.db.tables.MailSent.MAIL_SENT;

import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.outlet.model.MailReminder;
import oldtallow.app.outlet.model.MailStore;
import oldtallow.app.outlet.model.SentMail;
import oldtallow.core.schedule.reminder.QuietHours;
import oldtallow.db.tables.records.MailReminderRecord;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

@Repository
class JooqMail implements MailStore {

    private final DSLContext db;

    JooqMail(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<SignedIn> wanted() {
        return db.selectFrom(MAIL_REMINDERS_WANTED.call())
                .fetch(row -> new SignedIn(
                        row.getPersonId(), row.getWorkshopId(), row.getName(), Role.valueOf(row.getRole())));
    }

    @Override
    public Optional<MailReminder> of(UUID personId) {
        return db.selectFrom(MAIL_REMINDER)
                .where(MAIL_REMINDER.WORKSHOP_ID.eq(CurrentPerson.workshopId()), MAIL_REMINDER.ID.eq(personId))
                .fetchOptional(row -> new MailReminder(
                        row.getId(),
                        row.getVersion(),
                        row.getAddress(),
                        row.getConfirmed(),
                        row.getWanted(),
                        row.getSendAt(),
                        new QuietHours(row.getQuietFrom(), row.getQuietTo()),
                        row.getDaysAhead(),
                        row.getLastSentOn(),
                        row.getLastContent(),
                        row.getTryAgainAt() == null ? null : row.getTryAgainAt().toInstant()));
    }

    @Override
    public boolean put(MailReminder reminder) {
        var row = new MailReminderRecord();
        row.setAddress(reminder.address());
        row.setWanted(reminder.wanted());
        row.setSendAt(reminder.at());
        row.setQuietFrom(reminder.quiet().from());
        row.setQuietTo(reminder.quiet().to());
        row.setDaysAhead((short) reminder.daysAhead());
        row.setVersion(reminder.version() + 1);
        return db.insertInto(MAIL_REMINDER)
                        .set(row)
                        .set(MAIL_REMINDER.ID, reminder.personId())
                        .set(MAIL_REMINDER.WORKSHOP_ID, CurrentPerson.workshopId())
                        .onConflict(MAIL_REMINDER.WORKSHOP_ID, MAIL_REMINDER.ID)
                        .doUpdate()
                        .set(row)
                        .where(MAIL_REMINDER.VERSION.eq(reminder.version()))
                        .execute()
                == 1;
    }

    @Override
    public boolean takeCode(UUID personId, String codeHash, Instant now, Instant noneSince) {
        return db.update(MAIL_REMINDER)
                        .set(MAIL_REMINDER.CODE_HASH, codeHash)
                        .set(MAIL_REMINDER.CODE_TRIES, (short) 0)
                        .set(MAIL_REMINDER.CODE_SENT_AT, now.atOffset(ZoneOffset.UTC))
                        .where(
                                MAIL_REMINDER.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                MAIL_REMINDER.ID.eq(personId),
                                MAIL_REMINDER
                                        .CODE_SENT_AT
                                        .isNull()
                                        .or(MAIL_REMINDER.CODE_SENT_AT.le(noneSince.atOffset(ZoneOffset.UTC))))
                        .execute()
                == 1;
    }

    @Override
    public boolean confirm(UUID personId, String codeHash, Instant sentSince, int tries) {
        // counted in a statement of its own before it is compared: many tries at the same moment count too
        db.update(MAIL_REMINDER)
                .set(MAIL_REMINDER.CODE_TRIES, MAIL_REMINDER.CODE_TRIES.plus(1))
                .where(MAIL_REMINDER.WORKSHOP_ID.eq(CurrentPerson.workshopId()), MAIL_REMINDER.ID.eq(personId))
                .execute();
        return db.update(MAIL_REMINDER)
                        .set(MAIL_REMINDER.CONFIRMED, MAIL_REMINDER.ADDRESS)
                        .set(MAIL_REMINDER.CODE_HASH, "")
                        .where(
                                MAIL_REMINDER.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                MAIL_REMINDER.ID.eq(personId),
                                MAIL_REMINDER.CODE_HASH.eq(codeHash),
                                MAIL_REMINDER.CODE_HASH.ne(""),
                                MAIL_REMINDER.CODE_TRIES.le((short) tries),
                                MAIL_REMINDER.CODE_SENT_AT.gt(sentSince.atOffset(ZoneOffset.UTC)))
                        .execute()
                == 1;
    }

    @Override
    public boolean take(UUID personId, LocalDate day, Instant now, Instant until) {
        return db.update(MAIL_REMINDER)
                        .set(MAIL_REMINDER.TRY_AGAIN_AT, until.atOffset(ZoneOffset.UTC))
                        .where(
                                MAIL_REMINDER.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                MAIL_REMINDER.ID.eq(personId),
                                MAIL_REMINDER.LAST_SENT_ON.isDistinctFrom(day),
                                MAIL_REMINDER
                                        .TRY_AGAIN_AT
                                        .isNull()
                                        .or(MAIL_REMINDER.TRY_AGAIN_AT.le(now.atOffset(ZoneOffset.UTC))))
                        .execute()
                == 1;
    }

    @Override
    public void settle(UUID personId, String content, @Nullable Instant tryAgainAt, @Nullable LocalDate sentOn) {
        @Nullable OffsetDateTime again = tryAgainAt == null ? null : tryAgainAt.atOffset(ZoneOffset.UTC);
        db.update(MAIL_REMINDER)
                .set(MAIL_REMINDER.LAST_CONTENT, content)
                .set(MAIL_REMINDER.TRY_AGAIN_AT, again)
                .set(MAIL_REMINDER.LAST_SENT_ON, sentOn)
                .where(MAIL_REMINDER.WORKSHOP_ID.eq(CurrentPerson.workshopId()), MAIL_REMINDER.ID.eq(personId))
                .execute();
    }

    @Override
    public void add(SentMail mail) {
        db.insertInto(MAIL_SENT)
                .set(MAIL_SENT.ID, mail.id())
                .set(MAIL_SENT.WORKSHOP_ID, CurrentPerson.workshopId())
                .set(MAIL_SENT.PERSON_ID, mail.personId())
                .set(MAIL_SENT.AT, mail.at().atOffset(ZoneOffset.UTC))
                .set(MAIL_SENT.ADDRESS, mail.address())
                .set(MAIL_SENT.SUBJECT, mail.subject())
                .set(MAIL_SENT.BODY, mail.body())
                .set(MAIL_SENT.PROBLEM, mail.problem())
                .execute();
    }

    @Override
    public List<SentMail> sent(UUID personId, int most) {
        return db.selectFrom(MAIL_SENT)
                .where(MAIL_SENT.WORKSHOP_ID.eq(CurrentPerson.workshopId()), MAIL_SENT.PERSON_ID.eq(personId))
                .orderBy(MAIL_SENT.AT.desc(), MAIL_SENT.ID)
                .limit(most)
                .fetch(row -> new SentMail(
                        row.getId(),
                        row.getPersonId(),
                        row.getAt().toInstant(),
                        row.getAddress(),
                        row.getSubject(),
                        row.getBody(),
                        row.getProblem()));
    }
}
