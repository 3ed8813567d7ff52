package oldtallow.app.outlet.persistence;

import static oldtallow.db.tables.CalendarEntry.CALENDAR_ENTRY;
import static oldtallow.db.tables.CalendarFeed.CALENDAR_FEED;
import static oldtallow.db.tables.CalendarFeedOf.CALENDAR_FEED_OF;
import static org.jooq.impl.DSL.any;
import static org.jooq.impl.DSL.noCondition;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.outlet.model.CalendarEntry;
import oldtallow.app.outlet.model.CalendarFeed;
import oldtallow.app.outlet.model.CalendarStore;
import oldtallow.db.tables.records.CalendarEntryRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqCalendar implements CalendarStore {

    private final DSLContext db;

    JooqCalendar(DSLContext db) {
        this.db = db;
    }

    @Override
    public Optional<Opened> open(String tokenHash) {
        return db.selectFrom(CALENDAR_FEED_OF.call(tokenHash))
                .fetchOptional(row -> new Opened(
                        row.getFeedId(),
                        row.getRigId(),
                        new SignedIn(
                                row.getPersonId(), row.getWorkshopId(), row.getName(), Role.valueOf(row.getRole()))));
    }

    @Override
    public List<CalendarFeed> of(UUID personId) {
        return feeds(CALENDAR_FEED.PERSON_ID.eq(personId));
    }

    @Override
    public List<CalendarFeed> all() {
        return feeds(noCondition());
    }

    private List<CalendarFeed> feeds(Condition whose) {
        return db.selectFrom(CALENDAR_FEED)
                .where(CALENDAR_FEED.WORKSHOP_ID.eq(CurrentPerson.workshopId()), whose, CALENDAR_FEED.ENDED_AT.isNull())
                .orderBy(CALENDAR_FEED.CREATED_AT, CALENDAR_FEED.ID)
                .fetch(row -> new CalendarFeed(
                        row.getId(),
                        row.getPersonId(),
                        row.getName(),
                        row.getRigId(),
                        row.getCreatedAt().toInstant(),
                        row.getLastReadOn()));
    }

    @Override
    public boolean add(CalendarFeed feed, String tokenHash) {
        return db.insertInto(CALENDAR_FEED)
                        .set(CALENDAR_FEED.ID, feed.id())
                        .set(CALENDAR_FEED.WORKSHOP_ID, CurrentPerson.workshopId())
                        .set(CALENDAR_FEED.PERSON_ID, feed.personId())
                        .set(CALENDAR_FEED.NAME, feed.name())
                        .set(CALENDAR_FEED.RIG_ID, feed.rigId())
                        .set(CALENDAR_FEED.TOKEN_HASH, tokenHash)
                        .set(CALENDAR_FEED.CREATED_AT, feed.createdAt().atOffset(ZoneOffset.UTC))
                        .onConflict(CALENDAR_FEED.ID)
                        .doUpdate()
                        .set(CALENDAR_FEED.TOKEN_HASH, tokenHash)
                        .where(
                                CALENDAR_FEED.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                CALENDAR_FEED.PERSON_ID.eq(feed.personId()))
                        .execute()
                == 1;
    }

    @Override
    public boolean end(UUID personId, UUID feedId, Instant now) {
        return db.update(CALENDAR_FEED)
                        .set(CALENDAR_FEED.ENDED_AT, now.atOffset(ZoneOffset.UTC))
                        .where(
                                CALENDAR_FEED.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                CALENDAR_FEED.ID.eq(feedId),
                                CALENDAR_FEED.PERSON_ID.eq(personId),
                                CALENDAR_FEED.ENDED_AT.isNull())
                        .execute()
                == 1;
    }

    @Override
    public void read(UUID feedId, LocalDate on) {
        db.update(CALENDAR_FEED)
                .set(CALENDAR_FEED.LAST_READ_ON, on)
                .where(
                        CALENDAR_FEED.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        CALENDAR_FEED.ID.eq(feedId),
                        CALENDAR_FEED.LAST_READ_ON.isDistinctFrom(on))
                .execute();
    }

    @Override
    public List<CalendarEntry> entries(Collection<UUID> rigIds) {
        return db.selectFrom(CALENDAR_ENTRY)
                .where(
                        CALENDAR_ENTRY.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        CALENDAR_ENTRY.RIG_ID.eq(any(rigIds.toArray(UUID[]::new))))
                .orderBy(CALENDAR_ENTRY.FROM_ON, CALENDAR_ENTRY.ID)
                .fetch(row -> new CalendarEntry(
                        row.getId(),
                        row.getRigId(),
                        row.getFromOn(),
                        row.getToOn(),
                        row.getSummary(),
                        row.getDetails(),
                        row.getPath(),
                        row.getLeadDays(),
                        row.getSequence(),
                        row.getCancelled(),
                        row.getChangedAt().toInstant()));
    }

    @Override
    public List<UUID> shown(int most) {
        return db.selectDistinct(CALENDAR_ENTRY.RIG_ID)
                .from(CALENDAR_ENTRY)
                .where(CALENDAR_ENTRY.WORKSHOP_ID.eq(CurrentPerson.workshopId()), CALENDAR_ENTRY.CANCELLED.isFalse())
                .limit(most)
                .fetch(CALENDAR_ENTRY.RIG_ID);
    }

    @Override
    public void put(List<CalendarEntry> entries) {
        for (CalendarEntry entry : entries) {
            CalendarEntryRecord row = row(entry);
            db.insertInto(CALENDAR_ENTRY)
                    .set(row)
                    .onConflict(CALENDAR_ENTRY.WORKSHOP_ID, CALENDAR_ENTRY.ID)
                    .doUpdate()
                    .set(row)
                    .execute();
        }
    }

    @Override
    public void forget(Instant cancelledBefore) {
        db.deleteFrom(CALENDAR_ENTRY)
                .where(
                        CALENDAR_ENTRY.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        CALENDAR_ENTRY.CANCELLED.isTrue(),
                        CALENDAR_ENTRY.CHANGED_AT.lt(cancelledBefore.atOffset(ZoneOffset.UTC)))
                .execute();
    }

    private static CalendarEntryRecord row(CalendarEntry entry) {
        return new CalendarEntryRecord(
                entry.id(),
                CurrentPerson.workshopId(),
                entry.rigId(),
                entry.from(),
                entry.to(),
                entry.summary(),
                entry.details(),
                entry.path(),
                (short) entry.leadDays(),
                entry.sequence(),
                entry.cancelled(),
                entry.changedAt().atOffset(ZoneOffset.UTC));
    }
}
