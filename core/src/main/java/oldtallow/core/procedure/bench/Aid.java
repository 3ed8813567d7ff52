package oldtallow.core.procedure.bench;

import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.fastening.sequence.StepKind;

/** What the bench works out beside a step. */
public enum Aid {
    /** The size of both cups, and their near-twins. */
    RIGHT_CUP("races.right-cup"),
    /** How warm, how cold. */
    WARM("races.warm"),
    INBOARD_CUP("races.inboard-in"),
    OUTBOARD_CUP("races.outboard-in"),
    /** Which grease, and whether it goes with the old. */
    GREASE_KIND("grease.kind"),
    /** How much goes where. */
    INBOARD_CONE("grease.inboard"),
    OUTBOARD_CONE("grease.outboard"),
    BEDS("grease.beds"),
    CHANNEL("grease.channel"),
    CAVITY("grease.cavity"),
    PUMP("close.pump"),
    CAP("close.cap"),
    /** Which way round, and what may touch it. */
    SEAL("hub.seal"),
    SEAL_SLEEVE("hub.seal-sleeve"),
    /** Which nut after which, and how hard. */
    WHEEL_SNUG("close.wheel"),
    WHEEL_NUTS("close.wheel-nuts"),
    WHEEL_NUTS_AGAIN("prove.nuts-again"),
    /** Whether the linings are done with. */
    LININGS("judge.brake"),
    /** What the hub's warmth after the drive says. */
    WARMTH("prove.temperature"),
    /** Whether it is as it was set. */
    PROVED("prove.rock"),
    SEAT("nut.seat", StepKind.SEAT),
    RELEASE("nut.release", StepKind.RELEASE),
    FINE("nut.fine", StepKind.FINAL),
    STOP("nut.stop", StepKind.BACK_OFF_TO_STOP),
    PLAY("nut.play", StepKind.LOCK_AND_CHECK),
    PLAY_LOCKED("close.play-locked", StepKind.LOCK_AND_CHECK),
    FULL_TORQUE("nut.full-torque", StepKind.FINAL);

    private final String step;
    private final Optional<StepKind> sequence;

    Aid(String step) {
        this.step = step;
        this.sequence = Optional.empty();
    }

    Aid(String step, StepKind sequence) {
        this.step = step;
        this.sequence = Optional.of(sequence);
    }

    /** Which steps of the nut sequence are done there; empty elsewhere. */
    public Optional<StepKind> sequence() {
        return sequence;
    }

    /** What is worked out at a step; empty where nothing is. */
    public static Optional<Aid> at(String stepId) {
        return Stream.of(values()).filter(aid -> aid.step.equals(stepId)).findFirst();
    }
}
