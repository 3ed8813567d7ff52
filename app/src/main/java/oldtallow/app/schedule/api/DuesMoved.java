package oldtallow.app.schedule.api;

import java.util.UUID;

/** What falls due in a workshop was worked out again: dates may have moved. */
public record DuesMoved(UUID workshopId) {}
