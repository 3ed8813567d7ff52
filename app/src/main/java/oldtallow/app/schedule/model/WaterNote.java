package oldtallow.app.schedule.model;

import java.util.UUID;
import oldtallow.core.schedule.almanac.WaterEntry;

/**
 * A time that a rig's hubs went under water.
 *
 * @param salt water
 * @param hot whether they went in hot, without a stop to cool
 */
public record WaterNote(UUID id, UUID rigId, WaterEntry entry, boolean salt, boolean hot, String note) {}
