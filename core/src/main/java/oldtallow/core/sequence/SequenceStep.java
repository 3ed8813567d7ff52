package oldtallow.core.sequence;

import oldtallow.core.quantity.Turn;
import org.jspecify.annotations.Nullable;

/**
 * One step of a nut sequence.
 *
 * @param says what to do, as a mechanic would say it
 * @param torque to pull, where the step pulls one
 * @param backOff to turn looser, where the school fixes it
 * @param hub what the hub does meanwhile
 * @param lookOutFor what goes wrong here
 */
public record SequenceStep(
        StepKind kind,
        String says,
        @Nullable TorqueRange torque,
        @Nullable Turn backOff,
        HubMotion hub,
        String lookOutFor) {}
