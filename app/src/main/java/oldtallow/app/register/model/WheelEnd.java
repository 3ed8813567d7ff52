package oldtallow.app.register.model;

import java.util.UUID;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.hub.BuiltHub;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;

/**
 * One end of an axle.
 *
 * @param version counts the changes of its build, so that a stale edit is noticed
 * @param axleCount axles of its rig, which its name needs
 * @param build as it is today
 */
public record WheelEnd(
        UUID id,
        int version,
        UUID rigId,
        String rigName,
        UUID axleId,
        int axlePosition,
        int axleCount,
        Side side,
        WheelEndBuild build)
        implements BuiltHub {

    /** The name the trade uses: left, front left, middle right, axle 3 left. */
    public String positionName() {
        return named().positionName();
    }

    /** What its axle is called: front, middle, axle 3, rear; empty where it is the only one. */
    public String axleName() {
        return named().axleName();
    }

    public WheelEndName named() {
        return new WheelEndName(id, rigId, rigName, axlePosition, axleCount, side);
    }

    @Override
    public Construction construction() {
        return build.construction();
    }

    @Override
    public Fastening fastening() {
        return Fastening.of(build.lock());
    }

    @Override
    public Fittings fittings() {
        return build.fittings();
    }

    public SpindleNut nut() {
        return build.nut();
    }

    public ProcedureId procedure() {
        return build.procedure();
    }
}
