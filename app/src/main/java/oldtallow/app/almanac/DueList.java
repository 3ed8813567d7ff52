package oldtallow.app.almanac;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import oldtallow.app.almanac.StandingStore.Filter;
import oldtallow.app.almanac.StandingStore.Rank;
import oldtallow.app.almanac.StandingStore.Week;
import oldtallow.app.register.Register;
import oldtallow.app.register.Rig;
import oldtallow.app.walls.Asker;
import oldtallow.core.almanac.Due;
import oldtallow.core.interval.HubState;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is due in the whole yard, by what fails if it is late, and the work that makes of the coming weeks. */
@Service
public class DueList {

    private static final int PAGE = 24;
    private static final int WEEKS = 26;
    private static final int DAYS_AHEAD = 92;

    private final Register register;
    private final Standings standings;
    private final StandingStore store;
    private final Clock clock;

    DueList(Register register, Standings standings, StandingStore store, Clock clock) {
        this.register = register;
        this.standings = standings;
        this.store = store;
        this.clock = clock;
    }

    /** Something due at a wheel end of a rig. */
    public record Item(Rig rig, Standing standing, Due due) {}

    /**
     * A page of what is due within three months.
     *
     * @param items of the rigs of this page, most pressing first
     * @param more from where the next page goes on; null on the last
     */
    public record Page(
            LocalDate today, List<Item> items, @Nullable Rank more) {}

    @Transactional(readOnly = true)
    public Page page(@Nullable Rank behind) {
        LocalDate today = LocalDate.now(clock);
        LocalDate until = today.plusDays(DAYS_AHEAD);
        List<Rank> ranks = standings.worst(new Filter(null, until), behind, PAGE + 1);
        List<Rig> rigs =
                register.rigs(ranks.stream().limit(PAGE).map(Rank::rigId).toList());
        Map<UUID, Standing> all = standings.of(rigs);
        List<Item> items = rigs.stream()
                .flatMap(rig -> rig.wheelEnds()
                        .map(end -> all.get(end.id()))
                        .flatMap(standing -> standing.dues().stream()
                                .filter(due -> !due.when().likely().isAfter(until)
                                        || standing.state() == HubState.OUTSIDE_WINDOW)
                                .map(due -> new Item(rig, standing, due))))
                .sorted(Comparator.comparing((Item item) -> item.standing().state() != HubState.OUTSIDE_WINDOW)
                        .thenComparing(item -> item.due().attentionOn())
                        .thenComparing(item -> item.due().action())
                        .thenComparingInt(item -> item.rig().yardNumber()))
                .toList();
        return new Page(today, items, ranks.size() > PAGE ? ranks.get(PAGE - 1) : null);
    }

    /** Work of the next half year, by weeks. */
    @Transactional(readOnly = true)
    public List<Week> weeks() {
        return store.weeks(Asker.now().workshopId(), LocalDate.now(clock), WEEKS);
    }
}
