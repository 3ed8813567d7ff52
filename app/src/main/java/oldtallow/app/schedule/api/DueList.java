package oldtallow.app.schedule.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.RigPlan;
import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.DueStore.Filter;
import oldtallow.app.schedule.model.DueStore.Rank;
import oldtallow.app.schedule.model.DueStore.Week;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.almanac.GoverningRule;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.HubState;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is due in the whole yard, by what fails if it is late, and the work that makes of the coming weeks. */
@Service
public class DueList {

    private static final int PAGE = 24;
    private static final int WEEKS = 26;
    private static final int DAYS_AHEAD = 92;
    private static final int MOST_REMINDED = 200;

    private static final Comparator<Item> PRESSING = Comparator.comparing((Item item) -> !item.isOutside())
            .thenComparing(item -> item.due().attentionOn())
            .thenComparing(item -> item.due().action())
            .thenComparingInt(item -> item.rig().yardNumber());

    private final Register register;
    private final WheelEndStatuses standings;
    private final DueStore store;
    private final DueRenewal dues;
    private final DueProgress progress;
    private final Clock clock;

    DueList(
            Register register,
            WheelEndStatuses standings,
            DueStore store,
            DueRenewal dues,
            DueProgress progress,
            Clock clock) {
        this.register = register;
        this.standings = standings;
        this.store = store;
        this.dues = dues;
        this.progress = progress;
        this.clock = clock;
    }

    /**
     * Something due at wheel ends of a rig, for the same reason on the same day.
     *
     * @param standings from the front, left first; not empty
     */
    public record Item(RigPlan rig, List<WheelEndStatus> standings, Due due) {

        private Item with(Item other) {
            return new Item(
                    rig,
                    Stream.concat(standings.stream(), other.standings.stream()).toList(),
                    due);
        }

        /** Whether the last setting of any left it outside its window: whatever the date, it is opened now. */
        public boolean isOutside() {
            return standings.stream().anyMatch(one -> one.state() == HubState.OUTSIDE_WINDOW);
        }
    }

    private record Alike(UUID rigId, HubState state, DueAction action, LocalDate likely, GoverningRule governs) {}

    /**
     * A page of what is due within three months.
     *
     * @param items of the rigs of this page, most pressing first
     * @param more from where the next page goes on; null on the last
     * @param isWhole false while dates are still worked out after an upgrade: what is not here may be due all the same
     */
    public record Page(
            LocalDate today, List<Item> items, @Nullable Rank more, boolean isWhole) {}

    /** False while dates are still worked out after an upgrade. */
    public boolean isWhole() {
        return progress.isThrough();
    }

    @Transactional(readOnly = true)
    public Page page(@Nullable Rank behind) {
        LocalDate today = LocalDate.now(clock);
        LocalDate until = today.plusDays(DAYS_AHEAD);
        List<Rank> ranks = standings.worst(new Filter(null, until), behind, PAGE + 1);
        List<RigPlan> rigs =
                register.plans(ranks.stream().limit(PAGE).map(Rank::rigId).toList());
        List<Item> items = of(rigs, until);
        return new Page(today, items, ranks.size() > PAGE ? ranks.get(PAGE - 1) : null, isWhole());
    }

    /** Everything due within some days, or late, of the two hundred most pressing rigs. */
    @Transactional(readOnly = true)
    public List<Item> within(int days) {
        LocalDate until = LocalDate.now(clock).plusDays(days);
        List<Rank> ranks = standings.worst(new Filter(null, until), null, MOST_REMINDED);
        return of(register.plans(ranks.stream().map(Rank::rigId).toList()), until);
    }

    /** What is due at these rigs by a day, most pressing first. */
    @Transactional(readOnly = true)
    public List<Item> of(List<RigPlan> rigs, LocalDate until) {
        Map<UUID, WheelEndStatus> all = standings.of(rigs);
        return rigs.stream()
                .flatMap(rig -> due(rig, all, until))
                .sorted(PRESSING)
                .toList();
    }

    /** Work of the next half year, by weeks. */
    @Transactional
    public List<Week> weeks() {
        dues.complete();
        return store.weeks(LocalDate.now(clock), WEEKS);
    }

    /** What is due at a rig by a day, alike ones together; of a wheel end outside its window the first thing whenever it is. */
    static Stream<Item> due(RigPlan rig, Map<UUID, WheelEndStatus> all, LocalDate until) {
        Map<Alike, Item> items = new LinkedHashMap<>();
        rig.wheelEnds()
                .flatMap(end -> Optional.ofNullable(all.get(end.id())).stream())
                .forEach(standing -> standing.dues().stream()
                        .filter(due -> !due.when().likely().isAfter(until)
                                || (standing.state() == HubState.OUTSIDE_WINDOW
                                        && due.equals(standing.dues().getFirst())))
                        .forEach(due -> items.merge(
                                new Alike(
                                        rig.id(),
                                        standing.state(),
                                        due.action(),
                                        due.when().likely(),
                                        due.governs()),
                                new Item(rig, List.of(standing), due),
                                Item::with)));
        return items.values().stream();
    }
}
