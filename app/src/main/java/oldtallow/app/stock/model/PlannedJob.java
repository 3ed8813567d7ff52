package oldtallow.app.stock.model;

import java.time.LocalDate;
import java.util.UUID;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Scope;

/**
 * A job that is meant to be done, so that its parts can be here by then.
 *
 * @param hubBrings what a new hub comes with, where the scope takes one
 */
public record PlannedJob(UUID id, UUID wheelEndId, Scope scope, HubBrings hubBrings, LocalDate wantedOn) {}
