package oldtallow.core.procedure.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oldtallow.core.hub.part.Fate;
import oldtallow.core.hub.part.Part;
import oldtallow.core.hub.part.StackedPart;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Step;

/**
 * Where every part is: those that came off lie on the tray, in the order they came off, until each is back in its own place
 * or gone.
 */
public record Ledger(List<Entry> entries) {

    public Ledger {
        entries = List.copyOf(entries);
    }

    /**
     * A part that came off.
     *
     * @param fate what is to become of it as far as is known now
     * @param end how it left the tray; empty while it lies there
     */
    public record Entry(Part part, Fate fate, Optional<End> end) {

        public boolean isOnTray() {
            return end.isEmpty();
        }

        private Entry judged() {
            return fate == Fate.JUDGE ? new Entry(part, Fate.REFIT, end) : this;
        }
    }

    /** How a part leaves the tray. */
    public enum End {
        /** Back in its own place. */
        REFITTED,
        /** Discarded, and a new one fitted. */
        RENEWED
    }

    /** The ledger after these steps of a plan. */
    public static Ledger after(List<Step> done, JobBrief brief) {
        Situation situation = Situation.of(brief);
        List<Entry> entries = new ArrayList<>();
        for (Step step : done) {
            // what failed is renewed by the plan as it is now: what is judged here goes back
            entries.replaceAll(entry -> step.judges().contains(entry.part()) ? entry.judged() : entry);
            for (PartMove move : step.moves()) {
                if (move.kind() == Kind.REMOVE) {
                    entries.removeIf(entry -> entry.part() == move.part() && !entry.isOnTray());
                    entries.add(new Entry(move.part(), fate(move.part(), situation), Optional.empty()));
                } else {
                    end(entries, move.part(), move.kind() == Kind.REFIT ? End.REFITTED : End.RENEWED);
                }
            }
        }
        return new Ledger(entries);
    }

    /** What lies on the tray, in the order it came off. */
    public List<Part> onTray() {
        return entries.stream().filter(Entry::isOnTray).map(Entry::part).toList();
    }

    /** What stands between this job and its end. */
    public boolean isEmpty() {
        return entries.stream().noneMatch(Entry::isOnTray);
    }

    private static Fate fate(Part part, Situation situation) {
        return situation.renews(part)
                ? Fate.ALWAYS_NEW
                // one that the records have lost meanwhile came off this hub all the same
                : situation.stack().find(part).map(StackedPart::usual).orElse(Fate.REFIT);
    }

    private static void end(List<Entry> entries, Part part, End end) {
        entries.replaceAll(entry ->
                entry.part() == part && entry.isOnTray() ? new Entry(part, entry.fate(), Optional.of(end)) : entry);
    }
}
