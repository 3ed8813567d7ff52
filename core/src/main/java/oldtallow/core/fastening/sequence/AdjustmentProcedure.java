package oldtallow.core.fastening.sequence;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;
import org.jspecify.annotations.Nullable;

/**
 * An adjustment procedure. The maker's sequence for the very rig governs over any of them.
 *
 * @param label 1 to 60 characters
 * @param usedOn where it is at home, at most 80 characters
 * @param endsWith what it leaves, at most 80 characters
 * @param source whose figures they are, 1 to 120 characters
 * @param samePartsOnly whether it holds only while not one part was changed
 * @param steps 1 to 20, in the order every procedure shares: seat, release, fine setting, to the stop, lock and check
 */
public record AdjustmentProcedure(
        ProcedureId id,
        String label,
        String usedOn,
        String endsWith,
        String source,
        boolean samePartsOnly,
        List<SequenceStep> steps) {

    private static final int MOST_LABEL = 60;
    private static final int MOST_WORDS = 80;
    private static final int MOST_SOURCE = 120;
    private static final int MOST_STEPS = 20;

    public AdjustmentProcedure {
        require(EnteredQuantity.NAME_OF_PROCEDURE, label, 1, MOST_LABEL);
        require(EnteredQuantity.USED_ON, usedOn, 0, MOST_WORDS);
        require(EnteredQuantity.ENDS_WITH, endsWith, 0, MOST_WORDS);
        require(EnteredQuantity.SOURCE, source, 1, MOST_SOURCE);
        steps = List.copyOf(steps);
        if (steps.isEmpty() || steps.size() > MOST_STEPS) {
            throw new OutOfRangeException(EnteredQuantity.NUMBER_OF_STEPS, steps.size(), "1 to " + MOST_STEPS);
        }
        for (int i = 1; i < steps.size(); i++) {
            if (steps.get(i).kind().compareTo(steps.get(i - 1).kind()) < 0) {
                throw new OutOfRangeException(
                        EnteredQuantity.ORDER_OF_STEPS,
                        steps.get(i).says() + " after " + steps.get(i - 1).says(),
                        "seating first, then release, fine setting, stop, lock");
            }
        }
    }

    public List<SequenceStep> steps(StepKind kind) {
        return steps.stream().filter(step -> step.kind() == kind).toList();
    }

    /** What the fine setting asks for; empty where it is done by feel. */
    public Optional<TorqueRange> finalTorque() {
        return torque(StepKind.FINAL);
    }

    /** What seating asks for; empty where it is done by feel. */
    public Optional<TorqueRange> seatingTorque() {
        return torque(StepKind.SEAT);
    }

    /** Whether a wrench is pulled to a torque at that kind of step. */
    public boolean asksWrench(StepKind kind) {
        return steps(kind).stream().anyMatch(step -> step.torque() != null && !step.fingers());
    }

    /** Whether that torque is printed in inch-pounds, which are mixed up with foot-pounds. */
    public boolean asksInchPounds(StepKind kind) {
        return asksWrench(kind)
                && torque(kind).filter(TorqueRange::isInInchPounds).isPresent();
    }

    /** Whether all steps of that kind hold the hub still. */
    public boolean holdsTheHub(StepKind kind) {
        return steps(kind).stream().allMatch(step -> step.hub() == HubMotion.HOLD_STILL);
    }

    /** Whether the nut is set at all, as against only torqued or put back. */
    public boolean setsTheNut() {
        return !steps(StepKind.BACK_OFF_TO_STOP).isEmpty();
    }

    /** The last torque of that kind of step: earlier ones are its beginning. */
    private Optional<TorqueRange> torque(StepKind kind) {
        return steps(kind).stream()
                .<TorqueRange>flatMap(step -> {
                    @Nullable TorqueRange torque = step.torque();
                    return torque == null ? Stream.empty() : Stream.of(torque);
                })
                .reduce((earlier, later) -> later);
    }

    private static void require(Quantity quantity, String text, int least, int most) {
        if (text.strip().length() < least || text.length() > most) {
            throw new OutOfRangeException(quantity, text, least + " to " + most + " characters");
        }
    }
}
