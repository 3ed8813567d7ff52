package oldtallow.app.register.api;

import java.util.UUID;

/**
 * Something about a rig changed that others derive from: told within the same transaction.
 *
 * @param why in words, as told on the almanac; empty where there is nothing to tell
 */
public record RigTouched(UUID rigId, String why) {}
