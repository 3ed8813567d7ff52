package oldtallow.core.procedure.step;

import java.util.Optional;
import oldtallow.core.fastening.sequence.StepKind;

/** What the bench works out beside a step. */
public enum Aid {
    /** The size of both cups, and their near-twins. */
    RIGHT_CUP,
    /** How warm, how cold. */
    WARM,
    INBOARD_CUP,
    OUTBOARD_CUP,
    /** Which grease, and whether it goes with the old. */
    GREASE_KIND,
    /** How much goes where. */
    INBOARD_CONE,
    OUTBOARD_CONE,
    BEDS,
    CHANNEL,
    CAVITY,
    PUMP,
    CAP,
    /** Which way round, and what may touch it. */
    SEAL,
    SEAL_SLEEVE,
    /** Which nut after which, and how hard. */
    WHEEL_SNUG,
    WHEEL_NUTS,
    WHEEL_NUTS_AGAIN,
    /** Whether the linings are done with. */
    LININGS,
    /** What the hub's warmth after the drive says. */
    WARMTH,
    /** Whether it is as it was set. */
    PROVED,
    SEAT(StepKind.SEAT),
    RELEASE(StepKind.RELEASE),
    FINE(StepKind.FINAL),
    STOP(StepKind.BACK_OFF_TO_STOP),
    PLAY(StepKind.LOCK_AND_CHECK),
    PLAY_LOCKED(StepKind.LOCK_AND_CHECK),
    FULL_TORQUE(StepKind.FINAL);

    private final Optional<StepKind> sequence;

    Aid() {
        this.sequence = Optional.empty();
    }

    Aid(StepKind sequence) {
        this.sequence = Optional.of(sequence);
    }

    /** Which steps of the nut sequence are done there; empty elsewhere. */
    public Optional<StepKind> sequence() {
        return sequence;
    }
}
