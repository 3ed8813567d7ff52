package oldtallow.app.register.reference;

import java.util.UUID;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;

/**
 * A procedure a workshop wrote for itself or copied from a manual.
 *
 * @param retired whether it is offered no longer; what was set by it still names it
 * @param version counts its changes, so that a stale one is noticed
 */
public record OwnProcedure(AdjustmentProcedure procedure, boolean retired, int version) {

    public UUID id() {
        return UUID.fromString(procedure.id().value());
    }
}
