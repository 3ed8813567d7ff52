package oldtallow.core.procedure.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.step.Check;

/** What stands between a job and its end, and how long it took. */
public final class JobEnd {

    /** A longer time between two entries was a break. */
    private static final Duration A_BREAK = Duration.ofMinutes(20);

    private JobEnd() {}

    /** Whether an entry is what ends a job. */
    public static boolean isBy(JobEntry entry) {
        return entry instanceof JobEntry.Closed
                || entry instanceof JobEntry.SignedOff
                || entry instanceof JobEntry.Abandoned;
    }

    /** Reasons why it cannot be closed yet, in sentences; empty when it can. */
    public static List<String> hindrances(Bench<?> bench, boolean settingOnRecord) {
        List<String> hindrances = new ArrayList<>();
        bench.now()
                .ifPresent(step -> hindrances.add("There is still to do: " + step.what() + ", and "
                        + (bench.rest().size() - 1) + " more."));
        if (!bench.ledger().isEmpty()) {
            hindrances.add("On the tray lies: "
                    + String.join(
                            ", ",
                            bench.ledger().onTray().stream()
                                    .map(part -> part.words())
                                    .toList())
                    + ".");
        }
        List<Check> open = bench.open();
        if (!open.isEmpty()) {
            hindrances.add("Not yet so: "
                    + String.join("; ", open.stream().map(Check::says).toList())
                    + ".");
        }
        boolean setsNut =
                bench.plan().mustChecks().stream().anyMatch(check -> check.meaning() == Check.Meaning.SETTING_RECORDED);
        if (setsNut && !settingOnRecord) {
            hindrances.add("No setting of the nut is on record since this job began.");
        }
        return hindrances;
    }

    /**
     * Apprentices whose steps, verdicts or setting stand: who did the work counts, not who began the job or closes it.
     *
     * @param setBy whose setting stands and waits for a sign-off; empty where none does
     */
    public static List<String> toAnswerFor(Bench<?> bench, Optional<String> setBy) {
        Map<JudgedItem, RecordedEntry> verdicts = new EnumMap<>(JudgedItem.class);
        for (RecordedEntry one : bench.standing()) {
            if (one.entry() instanceof JobEntry.Judged judged) {
                verdicts.put(judged.item(), one);
            }
        }
        Stream<String> entered = Stream.concat(
                        bench.done().stream().map(Bench.Done::recorded), verdicts.values().stream())
                .filter(RecordedEntry::needsSignOff)
                .map(RecordedEntry::by);
        return Stream.concat(entered, setBy.stream()).distinct().sorted().toList();
    }

    /** Working time: between entries, breaks left out; a clock that was put back in between counts nothing. */
    public static Duration worked(List<RecordedEntry> entries) {
        Duration worked = Duration.ZERO;
        for (int i = 1; i < entries.size(); i++) {
            Instant before = entries.get(i - 1).at();
            Duration between = Duration.between(before, entries.get(i).at());
            if (between.isPositive() && between.compareTo(A_BREAK) <= 0) {
                worked = worked.plus(between);
            }
        }
        return worked;
    }
}
