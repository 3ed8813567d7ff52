package oldtallow.app.setting.model;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.jspecify.annotations.Nullable;

/**
 * What is read back of a setting on record.
 *
 * @param needsSignOff whether an apprentice made it
 * @param signedOffBy the mechanic who answers for it; null while it waits, or where none is needed
 * @param looserDegrees from where the nut stood to the mark looked at
 * @param uncertainty of the measured end play, k = 2; null where none was measured
 * @param certain false where that leaves it open whether it is inside its window
 */
public record SettingSummary(
        UUID id,
        UUID wheelEndId,
        Instant setAt,
        String setBy,
        boolean needsSignOff,
        @Nullable String signedOffBy,
        ProcedureId procedure,
        String threadDesignation,
        String lockWords,
        int mark,
        double looserDegrees,
        double backOffDegrees,
        List<Integer> engagedMarks,
        Length endPlay,
        @Nullable Length measuredEndPlay,
        EndPlayVerdict verdict,
        GoverningFigure<EndPlayWindow> window,
        @Nullable Torque finalTorque,
        String note,
        @Nullable Length uncertainty,
        boolean certain) {

    /** What the lock took of the end play there was before it; empty where none was measured after locking. */
    public Optional<Length> takenByLocking() {
        return Optional.ofNullable(measuredEndPlay).map(endPlay::minus);
    }

    /** Where it stands: measured, else worked out from the nut. */
    public Length stands() {
        return measuredEndPlay == null ? endPlay : measuredEndPlay;
    }

    /** The same once a mechanic answers for it. */
    public SettingSummary signedOffBy(String mechanic) {
        return new SettingSummary(
                id,
                wheelEndId,
                setAt,
                setBy,
                needsSignOff,
                mechanic,
                procedure,
                threadDesignation,
                lockWords,
                mark,
                looserDegrees,
                backOffDegrees,
                engagedMarks,
                endPlay,
                measuredEndPlay,
                verdict,
                window,
                finalTorque,
                note,
                uncertainty,
                certain);
    }

    /** Whether it still waits for a mechanic. */
    public boolean awaitsSignOff() {
        return needsSignOff && signedOffBy == null;
    }
}
