package oldtallow.app.job;

import java.util.Optional;
import java.util.stream.Stream;

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
    SEAL_SLEEVE("hub.seal-sleeve");

    private final String step;

    Aid(String step) {
        this.step = step;
    }

    /** What is worked out at a step; empty where nothing is. */
    public static Optional<Aid> at(String stepId) {
        return Stream.of(values()).filter(aid -> aid.step.equals(stepId)).findFirst();
    }
}
