package oldtallow.phone.kept;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.schedule.model.DueBasis;
import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.Urgency;
import org.jspecify.annotations.Nullable;

/** When the rigs fall due, worked out here from what was taken along. */
final class KeptDues implements DueStore {

    private static final Comparator<Rank> WORST_FIRST = Comparator.comparingInt(
                    (Rank rank) -> rank.urgency().rank())
            .thenComparing(Rank::attentionOn)
            .thenComparing(rank -> rank.rigId().toString());

    private final Collection<UUID> rigs;
    private final Rows<DueBasis> bases = new Rows<>(DueBasis::rigId, List.of());
    private final Rows<Rank> ranks = new Rows<>(Rank::rigId, List.of());
    private final Map<UUID, List<Told>> told;

    KeptDues(Collection<UUID> rigs, Map<UUID, List<Told>> told) {
        this.rigs = rigs;
        this.told = told;
    }

    /** Nobody else works anything out here. */
    @Override
    public void holdPasses() {}

    @Override
    public void claimPass() {}

    @Override
    public void put(List<Rank> worked) {
        worked.forEach(ranks::put);
    }

    @Override
    public void replaceAll(Function<DueBasis, Rank> ranking) {
        bases.all().map(ranking).forEach(ranks::put);
    }

    @Override
    public void put(DueBasis basis) {
        bases.put(basis);
    }

    @Override
    public List<DueBasis> bases(Collection<UUID> rigIds) {
        return bases.where(one -> rigIds.contains(one.rigId()));
    }

    @Override
    public List<NextDue> next(UUID rigId) {
        return ranks.find(rigId).map(Rank::next).orElse(List.of());
    }

    @Override
    public List<UUID> withoutBasis() {
        return rigs.stream().filter(id -> bases.find(id).isEmpty()).toList();
    }

    /** What moves a date here is told by the server once it has heard of it. */
    @Override
    public void tell(UUID rigId, List<Change> changes) {}

    @Override
    public List<Told> told(UUID rigId, int most) {
        return told.getOrDefault(rigId, List.of()).stream().limit(most).toList();
    }

    @Override
    public List<Week> weeks(LocalDate from, int weeks) {
        LocalDate first = monday(from);
        Map<LocalDate, List<NextDue>> byMonday = ranks.all()
                .flatMap(rank -> rank.next().stream())
                .filter(due -> due.on().isBefore(first.plusWeeks(weeks)))
                .collect(Collectors.groupingBy(
                        due -> due.on().isBefore(first) ? first : monday(due.on()), TreeMap::new, Collectors.toList()));
        return byMonday.entrySet().stream()
                .map(week -> new Week(
                        week.getKey(),
                        week.getValue().size(),
                        week.getValue().stream().mapToInt(NextDue::minutes).sum()))
                .toList();
    }

    private static LocalDate monday(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    @Override
    public List<Rank> worst(Filter filter, @Nullable Rank behind, int most) {
        return ranks.all()
                .filter(rank -> filter.among() == null || filter.among().contains(rank.rigId()))
                .filter(rank -> filter.dueBy() == null || isDue(rank, filter.dueBy()))
                .filter(rank -> behind == null || WORST_FIRST.compare(rank, behind) > 0)
                .sorted(WORST_FIRST)
                .limit(most)
                .toList();
    }

    private static boolean isDue(Rank rank, LocalDate by) {
        return rank.urgency() != Urgency.BY_DATE || !rank.attentionOn().isAfter(by);
    }
}
