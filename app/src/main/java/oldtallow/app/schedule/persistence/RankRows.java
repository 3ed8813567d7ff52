package oldtallow.app.schedule.persistence;

import static oldtallow.db.tables.RankPass.RANK_PASS;
import static oldtallow.db.tables.RigStanding.RIG_STANDING;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.val;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.schedule.model.DueStore.NextDue;
import oldtallow.app.schedule.model.DueStore.Rank;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.ResultQuery;
import org.jooq.SelectConditionStep;

/** Ranks into their table and out of it, thousands in one statement. */
final class RankRows {

    /** Lists of a row are sent as text, since PostgreSQL has no ragged arrays. */
    private static final String ADD = """
            insert into rig_standing
                (workshop_id, pass, rig_id, urgency, attention_on, due_what, due_on, due_minutes)
            select {0}, {1}, r.rig_id, r.urgency, r.attention_on, r.what, r.days::date[], r.minutes::integer[]
            from unnest({2}, {3}, {4}, {5}, {6}, {7}) as r(rig_id, urgency, attention_on, what, days, minutes)
            """;

    /** A row that stays as it is is not written. */
    private static final String PUT = ADD + """
            order by r.rig_id
            on conflict (workshop_id, pass, rig_id) do update
            set urgency = excluded.urgency, attention_on = excluded.attention_on, due_what = excluded.due_what, due_on = excluded.due_on, due_minutes = excluded.due_minutes
            where (rig_standing.urgency, rig_standing.attention_on, rig_standing.due_what, rig_standing.due_on)
                is distinct from (excluded.urgency, excluded.attention_on, excluded.due_what, excluded.due_on)
            """;

    private final DSLContext db;

    RankRows(DSLContext db) {
        this.db = db;
    }

    /** Ranks that count: those of other passes are being written, or about to go. */
    Condition ofLatestPass() {
        return RIG_STANDING.WORKSHOP_ID.eq(CurrentPerson.workshopId()).and(RIG_STANDING.PASS.eq(latestPass()));
    }

    Field<Integer> latestPass() {
        return field(pass());
    }

    void hold() {
        lock(pass().forShare());
    }

    void claim() {
        lock(pass().forUpdate());
    }

    /** The next pass, which nobody else sees until the transaction ends. */
    int begin() {
        claim();
        return db.update(RANK_PASS)
                .set(RANK_PASS.PASS, RANK_PASS.PASS.plus(1))
                .where(RANK_PASS.WORKSHOP_ID.eq(CurrentPerson.workshopId()))
                .returningResult(RANK_PASS.PASS)
                .fetchSingle()
                .value1();
    }

    private SelectConditionStep<Record1<Integer>> pass() {
        return db.select(RANK_PASS.PASS).from(RANK_PASS).where(RANK_PASS.WORKSHOP_ID.eq(CurrentPerson.workshopId()));
    }

    /** A workshop that has nothing ranked yet has no row to lock either. */
    private void lock(ResultQuery<?> row) {
        if (row.fetch().isEmpty()) {
            db.insertInto(RANK_PASS)
                    .set(RANK_PASS.WORKSHOP_ID, CurrentPerson.workshopId())
                    .set(RANK_PASS.PASS, 1)
                    .onConflictDoNothing()
                    .execute();
            row.fetch();
        }
    }

    void removeBefore(int pass) {
        db.deleteFrom(RIG_STANDING)
                .where(RIG_STANDING.WORKSHOP_ID.eq(CurrentPerson.workshopId()), RIG_STANDING.PASS.lt(pass))
                .execute();
    }

    /** Of rigs that have none in this pass. */
    void add(int pass, List<Rank> ranks) {
        write(ADD, val(pass), ranks);
    }

    void put(List<Rank> ranks) {
        write(PUT, latestPass(), ranks);
    }

    private void write(String statement, Field<Integer> pass, List<Rank> ranks) {
        if (ranks.isEmpty()) {
            return;
        }
        db.execute(
                statement,
                val(CurrentPerson.workshopId()),
                pass,
                val(ranks.stream().map(Rank::rigId).toArray(UUID[]::new)),
                val(ranks.stream().map(rank -> (short) rank.urgency().rank()).toArray(Short[]::new)),
                val(ranks.stream().map(Rank::attentionOn).toArray(LocalDate[]::new)),
                val(texts(ranks, NextDues::what)),
                val(texts(ranks, NextDues::days)),
                val(texts(ranks, NextDues::minutes)));
    }

    private static String[] texts(List<Rank> ranks, Function<List<NextDue>, String> column) {
        return ranks.stream().map(Rank::next).map(column).toArray(String[]::new);
    }
}
