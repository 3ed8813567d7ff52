package oldtallow.app.outlet.model;

import java.time.Instant;
import java.util.UUID;

/**
 * A mail that went out, or did not.
 *
 * @param problem why it did not; empty where the mail server took it
 */
public record SentMail(
        UUID id, UUID personId, Instant at, String address, String subject, String body, String problem) {}
