package oldtallow.app.register.reference;

import java.util.Objects;
import java.util.UUID;
import oldtallow.core.quantity.Length;
import org.jspecify.annotations.Nullable;

/**
 * A tool of the workshop whose size matters.
 *
 * @param name as it is called there
 * @param outside diameter at the end that drives; null for a grease gun
 * @param strokeCubicCentimetres what one stroke gives, cm³; null for all but a grease gun
 * @param version grows with every change
 */
public record WorkshopTool(
        UUID id,
        Kind kind,
        String name,
        @Nullable Length outside,
        @Nullable Double strokeCubicCentimetres,
        int version) {

    /** Whether nothing but the count of its changes differs. */
    public boolean isSameAs(WorkshopTool other) {
        return id.equals(other.id)
                && kind == other.kind
                && name.equals(other.name)
                && Objects.equals(micrometres(outside), micrometres(other.outside))
                && Objects.equals(strokeCubicCentimetres, other.strokeCubicCentimetres);
    }

    /** Whole ones: the last digits of a length are lost in the keeping. */
    private static @Nullable Long micrometres(@Nullable Length length) {
        return length == null ? null : Math.round(length.micrometres());
    }

    /** What it is. */
    public enum Kind {
        CUP_DRIVER("cup driver"),
        SEAL_DRIVER("seal driver"),
        SOCKET("socket"),
        GREASE_GUN("grease gun");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether a cup may be driven with it. */
        public boolean drivesCups() {
            return this == CUP_DRIVER || this == SOCKET;
        }

        /** Whether a seal may be driven with it. */
        public boolean drivesSeals() {
            return this == SEAL_DRIVER || this == SOCKET || this == CUP_DRIVER;
        }
    }
}
