package oldtallow.app.nut;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oldtallow.core.endplay.EndPlayVerdict;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.figure.GoverningFigure;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.sequence.NutSchool;
import org.jspecify.annotations.Nullable;

/**
 * What is read back of a setting on record.
 *
 * @param needsSignOff whether an apprentice made it
 * @param signedOffBy the mechanic who answers for it; null while it waits, or where none is needed
 * @param looserDegrees from where the nut stood to the mark looked at
 */
public record SettingSummary(
        UUID id,
        UUID wheelEndId,
        Instant setAt,
        String setBy,
        boolean needsSignOff,
        @Nullable String signedOffBy,
        NutSchool school,
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
        String note) {

    /** Whether it still waits for a mechanic. */
    public boolean awaitsSignOff() {
        return needsSignOff && signedOffBy == null;
    }
}
