package oldtallow.app.schedule.model;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import oldtallow.core.schedule.interval.DueAction;
import org.jspecify.annotations.Nullable;

/** Where each rig's rank and what it is worked out from are kept, so that the yard can be read page by page. */
public interface DueStore {

    /**
     * By what rigs are sorted: what is urgent on its own, then by the day something wants attention. Neither changes as days
     * go by, so that no nightly run has to keep the order right.
     *
     * @param attentionOn of the worst wheel end; for one without anything on record the day it was built so
     * @param next what is due first at each wheel end that anything is due at; not read back by {@link #worst}
     */
    record Rank(Urgency urgency, LocalDate attentionOn, UUID rigId, List<NextDue> next) {

        public Rank {
            next = List.copyOf(next);
        }
    }

    /**
     * What is due first at a wheel end.
     *
     * @param minutes it is taken to need
     */
    record NextDue(UUID wheelEndId, DueAction action, LocalDate on, int minutes) {}

    /** A due date that moved, appeared or went. */
    record Change(
            UUID wheelEndId,
            DueAction action,
            @Nullable LocalDate was,
            @Nullable LocalDate is,
            String why) {}

    /** A change on record, and when. */
    record Told(Change change, Instant at) {}

    /** Work that falls due in the week from a Monday on. */
    record Week(LocalDate monday, int wheelEnds, int minutes) {}

    /**
     * Until the transaction ends no pass over all dates begins; waits for one under way. To be asked before the rules are read
     * by which a rig is ranked, so that it is not ranked by those of before the pass.
     */
    void holdPasses();

    /** Until the transaction ends no other pass begins and nobody else ranks a rig of this workshop; waits for those who do. */
    void claimPass();

    /** Keeps ranks, with or without anything to change. */
    void put(List<Rank> ranks);

    /**
     * Ranks every rig anew by what is kept of it, in place of all ranks there are, in one pass: written anew they cost a third
     * of being changed. Others who change ranks wait meanwhile, so that none is overtaken; whoever only reads does not, and
     * sees those of the pass before.
     */
    void replaceAll(Function<DueBasis, Rank> ranking);

    void put(DueBasis basis);

    /** What the dues of these rigs are worked out from; rigs of which it is not kept are left out. */
    List<DueBasis> bases(Collection<UUID> rigIds);

    /** What was due next at a rig's wheel ends when it was last worked out. */
    List<NextDue> next(UUID rigId);

    /** Rigs whose basis is not kept yet. */
    List<UUID> withoutBasis();

    void tell(UUID rigId, List<Change> changes);

    /** Changes of a rig's dates, latest first. */
    List<Told> told(UUID rigId, int most);

    /** Work by weeks from a Monday on; what is overdue in the first. Weeks without any are left out. */
    List<Week> weeks(LocalDate from, int weeks);

    /** Ranks from the worst on, behind one already seen. */
    List<Rank> worst(Filter filter, @Nullable Rank behind, int most);

    /**
     * Which rigs.
     *
     * @param among only of these; null for all
     * @param dueBy only what is urgent or wants attention by then; null for all
     */
    record Filter(@Nullable List<UUID> among, @Nullable LocalDate dueBy) {}
}
