package oldtallow.app.workshop;

import java.util.UUID;

/** A workshop; every other row belongs to one. */
public record Workshop(UUID id, String name) {}
