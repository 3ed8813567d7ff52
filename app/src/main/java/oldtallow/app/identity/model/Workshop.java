package oldtallow.app.identity.model;

import java.util.UUID;

/** A workshop; every other row belongs to one. */
public record Workshop(UUID id, String name) {}
