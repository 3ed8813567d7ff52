package oldtallow.core.procedure.bench;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.grease.Grease;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.judge.Finding;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.judge.Looked;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import oldtallow.core.procedure.look.Seen;
import oldtallow.core.procedure.look.Sign;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.refusal.InvalidInputException;
import org.jspecify.annotations.Nullable;

/** Something written down about a job. A job is what its entries say, in their order; none is ever changed. */
public sealed interface JobEntry {

    /** How far it goes and by which procedures; the first entry of every job, and each change of mind. */
    record Scoped(Scope scope, Choices choices, String reason) implements JobEntry {}

    /**
     * From here on something is done in another way.
     *
     * @param way the name of one of the kind's ways
     */
    record WayChosen(ChoiceKind choice, String way) implements JobEntry {

        public WayChosen {
            if (choice.ways().stream().noneMatch(one -> one.name().equals(way))) {
                throw new InvalidInputException(
                        "way",
                        way,
                        "must be one of "
                                + choice.ways().stream().map(Choices.Way::name).collect(Collectors.joining(", ")));
            }
        }

        public Choices.Way chosen() {
            return choice.ways().stream()
                    .filter(one -> one.name().equals(way))
                    .findFirst()
                    .orElseThrow();
        }
    }

    /**
     * A step was done.
     *
     * @param checksMet ids of the checks that held
     */
    record StepDone(String stepId, Set<String> checksMet, List<Taken> readings, String note) implements JobEntry {

        public StepDone {
            checksMet = Set.copyOf(checksMet);
            readings = List.copyOf(readings);
        }

        public Optional<Double> reading(ReadingKind kind) {
            return readings.stream()
                    .filter(taken -> taken.kind() == kind)
                    .map(Taken::value)
                    .findFirst();
        }
    }

    /**
     * Steps were done in one go and confirmed as a whole, which a {@link StepDone} was by itself.
     *
     * @param steps in the order they were done
     * @param added what there is to add to those that somebody else had finished meanwhile
     * @param judged the verdict at the last of them, given by the same press; null where there is none
     */
    record RunDone(
            List<StepDone> steps,
            List<Added> added,
            @Nullable Judged judged) implements JobEntry {

        public RunDone(List<StepDone> steps, List<Added> added) {
            this(steps, added, null);
        }

        public RunDone {
            steps = List.copyOf(steps);
            added = List.copyOf(added);
        }
    }

    /** An entry was a slip: it counts as little as if nobody had made it, and stays to be read. */
    record Undone(UUID entryId) implements JobEntry {}

    /** The step done last was not done after all; of versions before {@link Undone}. */
    record StepUndone(String stepId) implements JobEntry {}

    /** Something to add to a step that is done: another device's readings, a note. */
    record Added(String stepId, Set<String> checksMet, List<Taken> readings, String note) implements JobEntry {

        public Added {
            checksMet = Set.copyOf(checksMet);
            readings = List.copyOf(readings);
        }

        public static Added to(StepDone step) {
            return new Added(step.stepId(), step.checksMet(), step.readings(), step.note());
        }
    }

    /** A mechanic lets a check go, and says why. */
    record Waived(String checkId, String reason) implements JobEntry {}

    /** Parts that are not to go back, whatever judging says. */
    record Condemned(Set<Part> parts, String reason) implements JobEntry {

        public Condemned {
            parts = Set.copyOf(parts);
        }
    }

    /**
     * Parts that the records have are not on this hub.
     *
     * @param stepId where it showed
     */
    record NotHere(String stepId, Set<Part> parts) implements JobEntry {

        public NotHere {
            parts = Set.copyOf(parts);
        }
    }

    /** Something worth remembering was noticed at a step, done or not. */
    record Noted(String stepId, String words) implements JobEntry {}

    /** What was seen, heard and felt before anything was loosened; the latest look counts. */
    record FirstLooked(List<Sign> signs) implements JobEntry {

        public FirstLooked {
            signs = List.copyOf(signs);
        }

        public List<Seen> seen() {
            return signs.stream().map(Sign::seen).toList();
        }
    }

    /**
     * What was found on an item; the latest counts.
     *
     * @param looked how a bearing was looked at; null for spindle and hub
     * @param overruled a mechanic's own verdict against the rules'; null where the rules' stands
     * @param overruleReason empty where nothing is overruled
     */
    record Judged(
            JudgedItem item,
            List<Finding> findings,
            @Nullable Looked looked,
            @Nullable Outcome overruled,
            String overruleReason)
            implements JobEntry {

        public Judged {
            findings = List.copyOf(findings);
        }
    }

    /**
     * It waits for a part.
     *
     * @param bag label of the bag the loose parts lie in; may be empty
     * @param orderedFrom where it was ordered; may be empty
     */
    record Waits(String what, String bag, String orderedFrom) implements JobEntry {}

    /** What it waited for is here. */
    record WentOn() implements JobEntry {}

    /**
     * Which grease goes in; the latest counts.
     *
     * @param batch may be empty
     */
    record Greased(Grease grease, String batch) implements JobEntry {}

    /** By which procedure the nut is set on this job; the latest counts. */
    record ProcedureChosen(String procedure) implements JobEntry {

        public ProcedureId id() {
            return new ProcedureId(procedure);
        }
    }

    /**
     * Something moved under the wrench while the nut was seated: these cups were not home. What lies over them comes off
     * again.
     *
     * @param what was felt; may be empty
     */
    record CupMoved(Set<Part> cups, String what) implements JobEntry {

        public CupMoved {
            cups = Set.copyOf(cups);
        }
    }

    /**
     * Proved, and found wrong: the nut is set again.
     *
     * @param what in own words; may be empty
     */
    record SettingReopened(Found found, String what) implements JobEntry {

        /** What the drive showed. */
        public enum Found {
            HOT("it ran hot"),
            LOOSE("it rocks"),
            OTHER("something else");

            private final String words;

            Found(String words) {
                this.words = words;
            }

            public String words() {
                return words;
            }
        }
    }

    /**
     * A photo was taken at a step.
     *
     * @param part what it shows; null where nobody said
     */
    record PhotoTaken(String stepId, UUID photoId, @Nullable Part part) implements JobEntry {

        public PhotoTaken(String stepId, UUID photoId) {
            this(stepId, photoId, null);
        }
    }

    record Closed() implements JobEntry {}

    record SignedOff() implements JobEntry {}

    record Abandoned(String reason) implements JobEntry {}

    /**
     * A reading as it was taken, in the kind's own unit.
     *
     * @param typed the unit it was typed in; null where an instrument gave it, and in entries from before it was kept
     */
    record Taken(ReadingKind kind, double value, @Nullable ReadingUnit typed) {

        public Taken {
            kind.require(value);
        }
    }
}
