package oldtallow.app.yard;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Where each rig's worst wheel end is kept, so that the yard can be read page by page. */
public interface StandingStore {

    /**
     * By what rigs are sorted: what is urgent on its own, then by the day something wants attention. Neither changes as days
     * go by, so that no nightly run has to keep the order right.
     *
     * @param urgency 0 outside its window, 1 awaits sign-off, 2 by date
     * @param attentionOn due day of the worst wheel end; for one without a setting on record the day it was built so
     */
    record Rank(int urgency, LocalDate attentionOn, UUID rigId, String owner) {}

    void put(UUID workshopId, List<Rank> ranks);

    /** Ranks from the worst on, behind one already seen. */
    List<Rank> worst(UUID workshopId, Filter filter, @Nullable Rank behind, int most);

    /**
     * Which rigs.
     *
     * @param owner in full; null for everybody's
     * @param dueBy only what is urgent or wants attention by then; null for all
     */
    record Filter(@Nullable String owner, @Nullable LocalDate dueBy) {}
}
