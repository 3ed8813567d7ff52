package oldtallow.app.almanac.persistence;

import static oldtallow.db.tables.RigStanding.RIG_STANDING;
import static org.jooq.impl.DSL.val;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.almanac.StandingStore.NextDue;
import oldtallow.app.almanac.StandingStore.Rank;
import org.jooq.DSLContext;

/** Ranks into their table, thousands in one statement; a row that stays as it is is not written. */
final class RankRows {

    /** Lists of a row are sent as text, since PostgreSQL has no ragged arrays. */
    private static final String PUT = """
            insert into rig_standing (workshop_id, rig_id, urgency, attention_on, owner_name,
                due_ends, due_actions, due_on, due_minutes)
            select {0}, r.rig_id, r.urgency, r.attention_on, r.owner_name,
                r.ends::uuid[], r.actions::text[], r.days::date[], r.minutes::integer[]
            from unnest({1}, {2}, {3}, {4}, {5}, {6}, {7}, {8})
                as r(rig_id, urgency, attention_on, owner_name, ends, actions, days, minutes)
            order by r.rig_id
            on conflict (workshop_id, rig_id) do update
            set urgency = excluded.urgency, attention_on = excluded.attention_on, owner_name = excluded.owner_name,
                due_ends = excluded.due_ends, due_actions = excluded.due_actions, due_on = excluded.due_on,
                due_minutes = excluded.due_minutes
            where (rig_standing.urgency, rig_standing.attention_on, rig_standing.owner_name, rig_standing.due_ends,
                    rig_standing.due_actions, rig_standing.due_on)
                is distinct from (excluded.urgency, excluded.attention_on, excluded.owner_name, excluded.due_ends,
                    excluded.due_actions, excluded.due_on)
            """;

    private static final int BATCH = 5_000;

    private final DSLContext db;

    RankRows(DSLContext db) {
        this.db = db;
    }

    void replaceAll(UUID workshopId, List<Rank> ranks) {
        db.deleteFrom(RIG_STANDING)
                .where(RIG_STANDING.WORKSHOP_ID.eq(workshopId))
                .execute();
        for (int i = 0; i < ranks.size(); i += BATCH) {
            put(workshopId, ranks.subList(i, Math.min(i + BATCH, ranks.size())));
        }
    }

    void put(UUID workshopId, List<Rank> ranks) {
        if (ranks.isEmpty()) {
            return;
        }
        db.execute(
                PUT,
                val(workshopId),
                val(ranks.stream().map(Rank::rigId).toArray(UUID[]::new)),
                val(ranks.stream().map(rank -> (short) rank.urgency()).toArray(Short[]::new)),
                val(ranks.stream().map(Rank::attentionOn).toArray(LocalDate[]::new)),
                val(ranks.stream().map(Rank::owner).toArray(String[]::new)),
                val(lists(ranks, due -> due.wheelEndId().toString())),
                val(lists(ranks, due -> due.action().name())),
                val(lists(ranks, due -> due.on().toString())),
                val(lists(ranks, due -> String.valueOf(due.minutes()))));
    }

    private static String[] lists(List<Rank> ranks, Function<NextDue, String> part) {
        return ranks.stream()
                .map(rank -> rank.next().stream().map(part).collect(Collectors.joining(",", "{", "}")))
                .toArray(String[]::new);
    }
}
