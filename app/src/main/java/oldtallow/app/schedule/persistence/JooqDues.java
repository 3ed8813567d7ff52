package oldtallow.app.schedule.persistence;

import static oldtallow.db.tables.DueBasis.DUE_BASIS;
import static oldtallow.db.tables.DueChange.DUE_CHANGE;
import static oldtallow.db.tables.RigStanding.RIG_STANDING;
import static org.jooq.impl.DSL.any;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.row;
import static org.jooq.impl.DSL.val;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.schedule.model.DueBasis;
import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.Urgency;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.db.tables.records.DueChangeRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record2;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

@Repository
class JooqDues implements DueStore {

    private static final int BATCH = 500;

    private final DSLContext db;
    private final JsonMapper json;
    private final ObjectReader bases;
    private final RankRows ranks;

    JooqDues(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
        this.bases = json.readerFor(DueBasisJson.class);
        this.ranks = new RankRows(db);
    }

    @Override
    public void holdPasses() {
        ranks.hold();
    }

    @Override
    public void claimPass() {
        ranks.claim();
    }

    @Override
    public void put(List<Rank> worked) {
        ranks.put(worked);
    }

    /**
     * Some hundred at a time and one after the other: a core stays free for those who look at the yard meanwhile, and what is
     * read never fills the memory.
     */
    @Override
    public void replaceAll(Function<DueBasis, Rank> ranking) {
        int pass = ranks.begin();
        List<DueBasis> next = bases(noCondition());
        while (!next.isEmpty()) {
            ranks.add(pass, next.stream().map(ranking).toList());
            next = bases(DUE_BASIS.RIG_ID.gt(next.getLast().rigId()));
        }
        ranks.removeBefore(pass);
    }

    private List<DueBasis> bases(Condition behind) {
        return db.select(DUE_BASIS.RIG_ID, DUE_BASIS.BASIS)
                .from(DUE_BASIS)
                .where(DUE_BASIS.WORKSHOP_ID.eq(CurrentPerson.workshopId()), behind)
                .orderBy(DUE_BASIS.RIG_ID)
                .limit(BATCH)
                .fetch(this::basis);
    }

    @Override
    public List<DueBasis> bases(Collection<UUID> rigIds) {
        return db.select(DUE_BASIS.RIG_ID, DUE_BASIS.BASIS)
                .from(DUE_BASIS)
                .where(
                        DUE_BASIS.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        DUE_BASIS.RIG_ID.eq(any(rigIds.toArray(UUID[]::new))))
                .fetch(this::basis);
    }

    @Override
    public void put(DueBasis basis) {
        String body = json.writeValueAsString(DueBasisJson.of(basis));
        db.insertInto(DUE_BASIS)
                .set(DUE_BASIS.WORKSHOP_ID, CurrentPerson.workshopId())
                .set(DUE_BASIS.RIG_ID, basis.rigId())
                .set(DUE_BASIS.BASIS, body)
                .onConflict(DUE_BASIS.WORKSHOP_ID, DUE_BASIS.RIG_ID)
                .doUpdate()
                .set(DUE_BASIS.BASIS, body)
                .execute();
    }

    @Override
    public List<NextDue> next(UUID rigId) {
        return db.selectFrom(RIG_STANDING)
                .where(ranks.ofLatestPass(), RIG_STANDING.RIG_ID.eq(rigId))
                .fetchOptional(row -> NextDues.read(row.getDueWhat(), row.getDueOn(), row.getDueMinutes()))
                .orElse(List.of());
    }

    @Override
    public List<UUID> withoutBasis() {
        return db.select(RIG_STANDING.RIG_ID)
                .from(RIG_STANDING)
                .leftAntiJoin(DUE_BASIS)
                .on(DUE_BASIS.WORKSHOP_ID.eq(RIG_STANDING.WORKSHOP_ID), DUE_BASIS.RIG_ID.eq(RIG_STANDING.RIG_ID))
                .where(ranks.ofLatestPass())
                .fetch(RIG_STANDING.RIG_ID);
    }

    @Override
    public void tell(UUID rigId, List<Change> changes) {
        db.batchInsert(changes.stream()
                        .map(change -> {
                            var row = new DueChangeRecord();
                            row.setId(UUID.randomUUID());
                            row.setWorkshopId(CurrentPerson.workshopId());
                            row.setRigId(rigId);
                            row.setWheelEndId(change.wheelEndId());
                            row.setAction(change.action().name());
                            row.setWasOn(change.was());
                            row.setIsOn(change.is());
                            row.setWhy(change.why());
                            return row;
                        })
                        .toList())
                .execute();
    }

    @Override
    public List<Told> told(UUID rigId, int most) {
        return db.selectFrom(DUE_CHANGE)
                .where(DUE_CHANGE.WORKSHOP_ID.eq(CurrentPerson.workshopId()), DUE_CHANGE.RIG_ID.eq(rigId))
                .orderBy(DUE_CHANGE.CHANGED_AT.desc(), DUE_CHANGE.ID)
                .limit(most)
                .fetch(row -> new Told(
                        new Change(
                                row.getWheelEndId(),
                                DueAction.valueOf(row.getAction()),
                                row.getWasOn(),
                                row.getIsOn(),
                                row.getWhy()),
                        row.getChangedAt().toInstant()));
    }

    @Override
    public List<Week> weeks(LocalDate from, int weeks) {
        LocalDate monday = from.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        return db.resultQuery(
                        """
                        select greatest(date_trunc('week', due.on_day)::date, {0}) as monday,
                            count(*)::integer as wheel_ends, sum(due.minutes)::integer as minutes
                        from rig_standing s, unnest(s.due_on, s.due_minutes) as due(on_day, minutes)
                        where s.workshop_id = {1} and s.pass = {2} and due.on_day < {3}
                        group by 1 order by 1
                        """,
                        val(monday), val(CurrentPerson.workshopId()), ranks.latestPass(), val(monday.plusWeeks(weeks)))
                .fetch(row -> new Week(
                        row.get("monday", LocalDate.class),
                        row.get("wheel_ends", Integer.class),
                        row.get("minutes", Integer.class)));
    }

    @Override
    public List<Rank> worst(Filter filter, @Nullable Rank behind, int most) {
        var query = db.select(
                        RIG_STANDING.URGENCY.convertFrom(Urgency::ofRank),
                        RIG_STANDING.ATTENTION_ON,
                        RIG_STANDING.RIG_ID)
                .from(RIG_STANDING)
                .where(ranks.ofLatestPass());
        if (filter.among() != null) {
            query = query.and(RIG_STANDING.RIG_ID.eq(any(filter.among().toArray(UUID[]::new))));
        }
        if (filter.dueBy() != null) {
            // one range of the index: everything urgent, and what wants attention by then
            query = query.and(row(RIG_STANDING.URGENCY, RIG_STANDING.ATTENTION_ON)
                    .le(row(rank(Urgency.BY_DATE), filter.dueBy())));
        }
        if (behind != null) {
            query = query.and(row(RIG_STANDING.URGENCY, RIG_STANDING.ATTENTION_ON, RIG_STANDING.RIG_ID)
                    .gt(row(rank(behind.urgency()), behind.attentionOn(), behind.rigId())));
        }
        return query.orderBy(RIG_STANDING.URGENCY, RIG_STANDING.ATTENTION_ON, RIG_STANDING.RIG_ID)
                .limit(most)
                .fetch(row -> new Rank(row.value1(), row.value2(), row.value3(), List.of()));
    }

    private static short rank(Urgency urgency) {
        return (short) urgency.rank();
    }

    private DueBasis basis(Record2<UUID, String> row) {
        return bases.<DueBasisJson>readValue(row.value2()).read(row.value1());
    }
}
