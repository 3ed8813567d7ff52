package oldtallow.app.usage;

import java.util.UUID;
import oldtallow.core.distance.MeterEntry;

/**
 * An entry of a rig's meter on record.
 *
 * @param version counts its corrections
 */
public record KeptEntry(UUID id, int version, UUID rigId, MeterEntry entry, String note) {}
