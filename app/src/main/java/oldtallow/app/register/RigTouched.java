package oldtallow.app.register;

import java.util.UUID;

/** Something about a rig changed that others derive from: told within the same transaction. */
public record RigTouched(UUID rigId) {}
