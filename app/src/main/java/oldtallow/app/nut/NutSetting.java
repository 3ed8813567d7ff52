package oldtallow.app.nut;

import java.time.Instant;
import java.util.List;
import oldtallow.app.walls.SignedIn;
import oldtallow.core.endplay.EndPlayVerdict;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.figure.GoverningFigure;
import oldtallow.core.quantity.Length;
import oldtallow.core.thread.ScrewThread;
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
        boolean certain) {}
