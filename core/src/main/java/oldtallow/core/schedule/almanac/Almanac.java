package oldtallow.core.schedule.almanac;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import oldtallow.core.schedule.distance.DueRange;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.Trigger;

/** Works out what falls due when at a wheel end. */
public final class Almanac {

    /** What goes first: by the day it wants attention, then by what is at stake. */
    public static final Comparator<Due> MOST_PRESSING_FIRST =
            Comparator.comparing(Due::attentionOn).thenComparing(Due::action);

    private Almanac() {}

    /**
     * What falls due, most pressing first, one of each action. Of an action that nobody knows to have been done, nothing is
     * said: there is nothing to count from.
     */
    public static List<Due> dues(List<GoverningRule> rules, ServiceHistory history, RigUse use) {
        Map<DueAction, Due> dues = new EnumMap<>(DueAction.class);
        for (GoverningRule rule : withoutMarksPassed(rules, history)) {
            due(rule, history, use).ifPresent(due -> dues.merge(rule.action(), due, Almanac::sooner));
        }
        List<Due> sorted = new ArrayList<>(dues.values());
        sorted.sort(MOST_PRESSING_FIRST);
        return sorted;
    }

    /** A wheel that was off is re-torqued once for each mark: as often as was done, and what was run before the last time. */
    private static List<GoverningRule> withoutMarksPassed(List<GoverningRule> rules, ServiceHistory history) {
        if (history.retorques() == 0) {
            return rules;
        }
        double run = history.lastRetorque()
                .flatMap(last -> history.wheelOff().map(off -> last.km() - off.km()))
                .orElse(0.0);
        List<GoverningRule> marks = rules.stream()
                .filter(rule -> rule.trigger().kind() == Trigger.Kind.AFTER_WHEEL_OFF)
                .sorted(Comparator.comparingInt(rule -> rule.trigger().number()))
                .toList();
        List<GoverningRule> passed = IntStream.range(0, marks.size())
                .filter(i -> i < history.retorques() || marks.get(i).trigger().number() <= run)
                .mapToObj(marks::get)
                .toList();
        return rules.stream().filter(rule -> !passed.contains(rule)).toList();
    }

    private static Due sooner(Due one, Due other) {
        Due first = other.when().likely().isBefore(one.when().likely()) ? other : one;
        return new Due(first.action(), one.when().soonerOf(other.when()), first.governs(), first.since());
    }

    private static Optional<Due> due(GoverningRule rule, ServiceHistory history, RigUse use) {
        Optional<Serviced> since = switch (rule.trigger().kind()) {
            case AFTER_WHEEL_OFF -> history.wheelOff();
            case FIRST_RUN -> firstRun(rule.action(), history);
            default -> history.lastFor(rule.action());
        };
        return since.flatMap(done -> when(rule, done, use).map(when -> new Due(rule.action(), when, rule, done)));
    }

    /** New bearings that were not measured again since. */
    private static Optional<Serviced> firstRun(DueAction action, ServiceHistory history) {
        Optional<Serviced> renewed = Optional.ofNullable(history.last().get(DueAction.RENEW));
        return renewed.filter(fitted -> history.last().entrySet().stream()
                .noneMatch(one -> one.getKey() != DueAction.RENEW
                        && one.getKey().covers(action)
                        && one.getValue().isAfter(fitted)));
    }

    private static Optional<DueRange> when(GoverningRule rule, Serviced since, RigUse use) {
        return switch (rule.trigger()) {
            case Trigger.SeasonEnd season -> Optional.of(DueRange.exactly(next(season, since.on())));
            case Trigger.Count(Trigger.Kind kind, int number) ->
                switch (kind) {
                    case MONTHS -> Optional.of(DueRange.exactly(since.on().plusMonths(number)));
                    case KILOMETRES -> use.forecast().reaches(since.km(), since.km() + number);
                    case FIRST_RUN, AFTER_WHEEL_OFF ->
                        use.forecast()
                                .reaches(since.km(), since.km() + number)
                                .or(() ->
                                        Optional.of(DueRange.exactly(since.on().plusDays(daysWhereUnknown(kind)))));
                    case DUNKINGS -> nth(number, water(WaterEntry.Kind.DUNKING, since, use));
                    case CROSSINGS -> nth(number, water(WaterEntry.Kind.CROSSING, since, use));
                    case TRIPS -> nth(number, after(since.on(), use.trips()));
                    case SEASON_END -> Optional.empty();
                };
        };
    }

    /** What must not be forgotten where nothing tells how a rig is used; this product's own, on the safe side. */
    private static int daysWhereUnknown(Trigger.Kind kind) {
        return kind == Trigger.Kind.AFTER_WHEEL_OFF ? 7 : 90;
    }

    private static LocalDate next(Trigger.SeasonEnd season, LocalDate since) {
        LocalDate thisYear = season.day().atYear(since.getYear());
        return thisYear.isAfter(since) ? thisYear : season.day().atYear(since.getYear() + 1);
    }

    private static List<LocalDate> water(WaterEntry.Kind kind, Serviced since, RigUse use) {
        return after(
                since.on(),
                use.water().stream()
                        .filter(entry -> entry.kind() == kind)
                        .map(WaterEntry::on)
                        .toList());
    }

    private static List<LocalDate> after(LocalDate since, List<LocalDate> days) {
        return days.stream().filter(day -> day.isAfter(since)).sorted().toList();
    }

    private static Optional<DueRange> nth(int number, List<LocalDate> days) {
        return days.size() < number ? Optional.empty() : Optional.of(DueRange.exactly(days.get(number - 1)));
    }
}
