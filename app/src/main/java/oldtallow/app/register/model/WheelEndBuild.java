package oldtallow.app.register.model;

import java.time.LocalDate;
import java.util.Map;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.quantity.Length;

/**
 * What a wheel end is made of, from a day on.
 *
 * @param threadDesignation as the trade writes it, such as 1-14 UNS
 * @param procedure by which its nut is set unless the mechanic chooses another
 * @param dimensions what was measured on it; what is not here is assumed where it is drawn
 */
public record WheelEndBuild(
        LocalDate since,
        Construction construction,
        String threadDesignation,
        ScrewThread thread,
        LockPattern lock,
        ProcedureId procedure,
        Fittings fittings,
        Map<HubDimension, Length> dimensions) {

    public WheelEndBuild {
        dimensions = Map.copyOf(dimensions);
    }

    /** Its nut, as the nut dial wants to know it. */
    public SpindleNut nut() {
        return new SpindleNut(threadDesignation, thread, lock, dimensions.get(HubDimension.WASHER_THICKNESS));
    }

    /** The same with other fittings. */
    public WheelEndBuild with(Fittings other) {
        return new WheelEndBuild(since, construction, threadDesignation, thread, lock, procedure, other, dimensions);
    }

    /** The same from another day on. */
    public WheelEndBuild from(LocalDate day) {
        return new WheelEndBuild(day, construction, threadDesignation, thread, lock, procedure, fittings, dimensions);
    }
}
