package oldtallow.app.job.model;

import java.util.UUID;
import oldtallow.core.procedure.round.RoundOrder;

/**
 * A job on a rig, of one hub or several.
 *
 * @param order in which its hubs are gone round
 */
public record RigJob(UUID id, UUID rigId, RoundOrder order) {}
