package oldtallow.core.procedure.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
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
            if (one.entry() instanceof JobEntry.RunDone run && run.judged() != null) {
                verdicts.put(run.judged().item(), one);
            }
        }
        Stream<String> entered = Stream.concat(
                        bench.done().stream().map(Bench.Done::recorded), verdicts.values().stream())
                .filter(RecordedEntry::needsSignOff)
                .map(RecordedEntry::by);
        return Stream.concat(entered, setBy.stream()).distinct().sorted().toList();
    }

    /**
     * Working time at a hub: each person's between their presses, breaks left out; a press that counts for several hubs is
     * shared among them, and a clock that was put back in between counts nothing.
     *
     * @param entries of the hub
     * @param elsewhere entries of the other hubs of its rig job, hub by hub
     */
    public static Duration worked(List<RecordedEntry> entries, List<List<RecordedEntry>> elsewhere) {
        Set<UUID> here = entries.stream().map(RecordedEntry::pressId).collect(Collectors.toSet());
        List<List<RecordedEntry>> hubs =
                Stream.concat(Stream.of(entries), elsewhere.stream()).toList();
        Map<UUID, Long> hubsOfPress = hubs.stream()
                .flatMap(hub -> hub.stream().map(RecordedEntry::pressId).distinct())
                .collect(Collectors.groupingBy(press -> press, Collectors.counting()));
        Map<UUID, Instant> lastOf = new HashMap<>();
        Duration worked = Duration.ZERO;
        for (RecordedEntry one : inOrder(hubs)) {
            Instant before = lastOf.put(one.personId(), one.at());
            Duration between = before == null ? Duration.ZERO : Duration.between(before, one.at());
            if (here.contains(one.pressId())
                    && between.compareTo(Duration.ZERO) > 0
                    && between.compareTo(A_BREAK) <= 0) {
                worked = worked.plus(between.dividedBy(hubsOfPress.getOrDefault(one.pressId(), 1L)));
            }
        }
        return worked;
    }

    /** One press of several hubs follows itself at once, so that its time counts at the first entry only. */
    private static List<RecordedEntry> inOrder(List<List<RecordedEntry>> hubs) {
        List<Deque<RecordedEntry>> left = hubs.stream()
                .map(hub -> (Deque<RecordedEntry>) new ArrayDeque<>(hub))
                .toList();
        List<RecordedEntry> ordered = new ArrayList<>();
        while (true) {
            Optional<Deque<RecordedEntry>> earliest = left.stream()
                    .filter(hub -> !hub.isEmpty())
                    .min(Comparator.comparing(hub -> hub.getFirst().at()));
            if (earliest.isEmpty()) {
                return ordered;
            }
            ordered.add(earliest.get().removeFirst());
        }
    }
}
