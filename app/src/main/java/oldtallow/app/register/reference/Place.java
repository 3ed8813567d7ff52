package oldtallow.app.register.reference;

import java.util.UUID;

/** What a figure is for. The narrower place governs between two figures of one authority. */
public record Place(Scope scope, UUID id) {

    /** From the widest to the narrowest. */
    public enum Scope {
        /** All of the workshop; the id is the workshop's. */
        WORKSHOP,
        RIG,
        AXLE,
        WHEEL_END
    }
}
