package oldtallow.core.sequence;

import static oldtallow.core.quantity.Torque.ofPoundForceFeet;
import static oldtallow.core.quantity.Torque.ofPoundForceInches;

import java.util.List;
import oldtallow.core.quantity.Turn;
import org.jspecify.annotations.Nullable;

/**
 * Schools of setting the nut. All figures are common practice of the trade; the maker's sequence for the very rig governs
 * over any of them.
 */
public enum NutSchool {
    SEAT_AND_FINGER_TIGHT(
            "Seat and finger-tight",
            "trailer axles",
            "slight play is normal",
            List.of(
                    seat("Seat at 50 lbf·ft or more", TorqueRange.atLeast(ofPoundForceFeet(50))),
                    release("Release the nut fully", null),
                    fine(
                            "As tight as fingers can",
                            TorqueRange.between(ofPoundForceInches(5), ofPoundForceInches(15)),
                            "No wrench here. This is zero play: look where the slots stand."),
                    toStop(),
                    lock("A new cotter. The nut must move slightly in its lock, the hub spin free."))),
    TORQUE_HALF_TURN_TORQUE(
            "Torque, half turn, torque",
            "light trucks",
            "near zero play",
            List.of(
                    seat("Seat at 30 lbf·ft", TorqueRange.about(ofPoundForceFeet(30))),
                    release("Back half a turn", Turn.HALF),
                    fine(
                            "Again, to about 20 lbf·in",
                            TorqueRange.between(ofPoundForceInches(15), ofPoundForceInches(25)),
                            "Inch-pounds. Read as foot-pounds this is twelve times too tight."),
                    toStop(),
                    lock("A new cotter. Next to no rock at the wheel, and no drag."))),
    INCH_POUND(
            "Inch-pound",
            "cars",
            "near zero play",
            List.of(
                    seat(
                            "Seat at 100 to 120 lbf·in",
                            TorqueRange.between(ofPoundForceInches(100), ofPoundForceInches(120))),
                    release("Release the nut fully", null),
                    fine(
                            "5 lbf·in, about finger-tight",
                            TorqueRange.about(ofPoundForceInches(5)),
                            "A small wrench or fingers. Below what most torque wrenches can read."),
                    toStop(),
                    lock("A new cotter. Next to no rock at the wheel, and no drag.")));

    private final String label;
    private final String usedOn;
    private final String endsWith;
    private final List<SequenceStep> steps;

    NutSchool(String label, String usedOn, String endsWith, List<SequenceStep> steps) {
        this.label = label;
        this.usedOn = usedOn;
        this.endsWith = endsWith;
        this.steps = List.copyOf(steps);
    }

    public String label() {
        return label;
    }

    /** Where this school is at home. */
    public String usedOn() {
        return usedOn;
    }

    public String endsWith() {
        return endsWith;
    }

    public List<SequenceStep> steps() {
        return steps;
    }

    /** What the fine setting asks for. */
    public TorqueRange finalTorque() {
        return torqueOf(StepKind.FINAL);
    }

    /** What seating asks for. */
    public TorqueRange seatingTorque() {
        return torqueOf(StepKind.SEAT);
    }

    private TorqueRange torqueOf(StepKind kind) {
        for (SequenceStep step : steps) {
            @Nullable TorqueRange torque = step.torque();
            if (step.kind() == kind && torque != null) {
                return torque;
            }
        }
        throw new IllegalStateException(this + " has no torque for " + kind);
    }

    private static SequenceStep seat(String says, TorqueRange torque) {
        return new SequenceStep(
                StepKind.SEAT,
                says,
                torque,
                null,
                HubMotion.TURN_BOTH_WAYS,
                "A jump under the wrench is a cup that was not home: back to the races.");
    }

    private static SequenceStep release(String says, @Nullable Turn backOff) {
        return new SequenceStep(
                StepKind.RELEASE,
                says,
                null,
                backOff,
                HubMotion.HOLD_STILL,
                "A hub that turns now loses the seat: then seat again.");
    }

    private static SequenceStep fine(String says, TorqueRange torque, String lookOutFor) {
        return new SequenceStep(StepKind.FINAL, says, torque, null, HubMotion.TURN_AND_FEEL, lookOutFor);
    }

    private static SequenceStep toStop() {
        return new SequenceStep(
                StepKind.BACK_OFF_TO_STOP,
                "Back off to a stop, looser only",
                null,
                null,
                HubMotion.HOLD_STILL,
                "Never on to the next slot: tight kills a bearing far sooner than loose.");
    }

    private static SequenceStep lock(String lookOutFor) {
        return new SequenceStep(
                StepKind.LOCK_AND_CHECK,
                "Lock it, then read the play again",
                null,
                null,
                HubMotion.TURN_AND_FEEL,
                lookOutFor);
    }
}
