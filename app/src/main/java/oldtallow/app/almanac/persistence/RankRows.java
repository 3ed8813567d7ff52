package oldtallow.app.almanac.persistence;

import static oldtallow.db.tables.RigStanding.RIG_STANDING;
import static org.jooq.impl.DSL.val;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.almanac.StandingStore.NextDue;
import oldtallow.app.almanac.StandingStore.Rank;
import oldtallow.core.interval.DueAction;
import oldtallow.db.tables.records.RigStandingRecord;
import org.jooq.DSLContext;

/** Ranks into their table and out of it, thousands in one statement. */
final class RankRows {

    /** Lists of a row are sent as text, since PostgreSQL has no ragged arrays. */
    private static final String ADD = """
            insert into rig_standing (workshop_id, rig_id, urgency, attention_on, owner_name, due_what, due_on, due_minutes)
            select {0}, r.rig_id, r.urgency, r.attention_on, r.owner_name, r.what, r.days::date[], r.minutes::integer[]
            from unnest({1}, {2}, {3}, {4}, {5}, {6}, {7})
                as r(rig_id, urgency, attention_on, owner_name, what, days, minutes)
            """;

    /** A row that stays as it is is not written. */
    private static final String PUT = ADD + """
            order by r.rig_id
            on conflict (workshop_id, rig_id) do update
            set urgency = excluded.urgency, attention_on = excluded.attention_on, owner_name = excluded.owner_name,
                due_what = excluded.due_what, due_on = excluded.due_on, due_minutes = excluded.due_minutes
            where (rig_standing.urgency, rig_standing.attention_on, rig_standing.owner_name, rig_standing.due_what,
                    rig_standing.due_on)
                is distinct from (excluded.urgency, excluded.attention_on, excluded.owner_name, excluded.due_what,
                    excluded.due_on)
            """;

    private final DSLContext db;

    RankRows(DSLContext db) {
        this.db = db;
    }

    void removeAll(UUID workshopId) {
        db.deleteFrom(RIG_STANDING)
                .where(RIG_STANDING.WORKSHOP_ID.eq(workshopId))
                .execute();
    }

    /** Of rigs that have none. */
    void add(UUID workshopId, List<Rank> ranks) {
        write(ADD, workshopId, ranks);
    }

    void put(UUID workshopId, List<Rank> ranks) {
        write(PUT, workshopId, ranks);
    }

    /** What is due next, as it lies in a row. */
    static List<NextDue> next(RigStandingRecord row) {
        if (row.getDueWhat().isEmpty()) {
            return List.of();
        }
        String[] what = row.getDueWhat().split(",", -1);
        List<NextDue> next = new ArrayList<>();
        for (int i = 0; i < what.length; i++) {
            String[] due = what[i].split(" ", 2);
            next.add(new NextDue(
                    UUID.fromString(due[1]), DueAction.valueOf(due[0]), row.getDueOn()[i], row.getDueMinutes()[i]));
        }
        return next;
    }

    private void write(String statement, UUID workshopId, List<Rank> ranks) {
        if (ranks.isEmpty()) {
            return;
        }
        db.execute(
                statement,
                val(workshopId),
                val(ranks.stream().map(Rank::rigId).toArray(UUID[]::new)),
                val(ranks.stream().map(rank -> (short) rank.urgency()).toArray(Short[]::new)),
                val(ranks.stream().map(Rank::attentionOn).toArray(LocalDate[]::new)),
                val(ranks.stream().map(Rank::owner).toArray(String[]::new)),
                val(lists(ranks, due -> due.action().name() + " " + due.wheelEndId(), "", "")),
                val(lists(ranks, due -> due.on().toString(), "{", "}")),
                val(lists(ranks, due -> String.valueOf(due.minutes()), "{", "}")));
    }

    private static String[] lists(List<Rank> ranks, Function<NextDue, String> part, String before, String after) {
        return ranks.stream()
                .map(rank -> rank.next().stream().map(part).collect(Collectors.joining(",", before, after)))
                .toArray(String[]::new);
    }
}
