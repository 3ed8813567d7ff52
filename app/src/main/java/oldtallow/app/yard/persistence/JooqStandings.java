package oldtallow.app.yard.persistence;

import static oldtallow.db.tables.RigStanding.RIG_STANDING;
import static org.jooq.impl.DSL.excluded;
import static org.jooq.impl.DSL.row;

import java.util.List;
import java.util.UUID;
import oldtallow.app.yard.StandingStore;
import oldtallow.db.tables.records.RigStandingRecord;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

@Repository
class JooqStandings implements StandingStore {

    private static final int BY_DATE = 2;

    private final DSLContext db;

    JooqStandings(DSLContext db) {
        this.db = db;
    }

    @Override
    public void put(UUID workshopId, List<Rank> ranks) {
        if (ranks.isEmpty()) {
            return;
        }
        db.insertInto(RIG_STANDING)
                .set(ranks.stream()
                        .map(rank -> new RigStandingRecord(
                                workshopId, rank.rigId(), (short) rank.urgency(), rank.attentionOn(), rank.owner()))
                        .toList())
                .onConflict(RIG_STANDING.WORKSHOP_ID, RIG_STANDING.RIG_ID)
                .doUpdate()
                .set(RIG_STANDING.URGENCY, excluded(RIG_STANDING.URGENCY))
                .set(RIG_STANDING.ATTENTION_ON, excluded(RIG_STANDING.ATTENTION_ON))
                .set(RIG_STANDING.OWNER_NAME, excluded(RIG_STANDING.OWNER_NAME))
                .execute();
    }

    @Override
    public List<Rank> worst(UUID workshopId, Filter filter, @Nullable Rank behind, int most) {
        var query = db.select(
                        RIG_STANDING.URGENCY.convertFrom(Short::intValue),
                        RIG_STANDING.ATTENTION_ON,
                        RIG_STANDING.RIG_ID,
                        RIG_STANDING.OWNER_NAME)
                .from(RIG_STANDING)
                .where(RIG_STANDING.WORKSHOP_ID.eq(workshopId));
        if (filter.owner() != null) {
            query = query.and(RIG_STANDING.OWNER_NAME.eq(filter.owner()));
        }
        if (filter.dueBy() != null) {
            // one range of the index: everything urgent, and what wants attention by then
            query = query.and(
                    row(RIG_STANDING.URGENCY, RIG_STANDING.ATTENTION_ON).le(row((short) BY_DATE, filter.dueBy())));
        }
        if (behind != null) {
            query = query.and(row(RIG_STANDING.URGENCY, RIG_STANDING.ATTENTION_ON, RIG_STANDING.RIG_ID)
                    .gt(row((short) behind.urgency(), behind.attentionOn(), behind.rigId())));
        }
        return query.orderBy(RIG_STANDING.URGENCY, RIG_STANDING.ATTENTION_ON, RIG_STANDING.RIG_ID)
                .limit(most)
                .fetch(Records.mapping(Rank::new));
    }
}
