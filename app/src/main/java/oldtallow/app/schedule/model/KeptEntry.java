package oldtallow.app.schedule.model;

import java.util.UUID;
import oldtallow.core.schedule.distance.MeterEntry;

/**
 * An entry of a rig's meter on record.
 *
 * @param version counts its corrections
 */
public record KeptEntry(UUID id, int version, UUID rigId, MeterEntry entry, String note) {}
