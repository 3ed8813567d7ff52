package oldtallow.app.setting.model;

import java.time.Instant;
import java.util.List;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.jspecify.annotations.Nullable;

/**
 * A setting on record, with all that was true of its wheel end then.
 *
 * @param by who reports it; an apprentice's waits for a sign-off
 * @param lockWords the lock in words
 * @param backOffDegrees exact angle of the lock position, from where the nut stood
 * @param engagedMarks holes or tangs that met, from 1; empty on a lock that holds anywhere
 * @param endPlay worked out from the angle
 * @param verdict on the measured end play, or on the worked-out one where none was measured
 * @param uncertainty of the measured end play, k = 2; null where none was measured
 * @param certain false where that leaves it open whether it is inside its window
 */
public record NutSetting(
        NewNutSetting reported,
        SignedIn by,
        Instant recordedAt,
        String threadDesignation,
        ScrewThread thread,
        String lockWords,
        double backOffDegrees,
        List<Integer> engagedMarks,
        Length endPlay,
        EndPlayVerdict verdict,
        GoverningFigure<EndPlayWindow> window,
        @Nullable Length uncertainty,
        boolean certain) {

    /** As it is read back. */
    public SettingSummary summary() {
        NewNutSetting.@Nullable FinalTorque torque = reported.finalTorque();
        return new SettingSummary(
                reported.id(),
                reported.wheelEndId(),
                reported.setAt(),
                by.name(),
                by.needsSignOff(),
                null,
                reported.procedure(),
                threadDesignation,
                lockWords,
                reported.reading().mark(),
                reported.reading().looser().degrees(),
                backOffDegrees,
                engagedMarks,
                endPlay,
                reported.measuredEndPlay(),
                verdict,
                window,
                torque == null ? null : Torque.of(torque.number(), torque.unit()),
                reported.note(),
                uncertainty,
                certain);
    }
}
