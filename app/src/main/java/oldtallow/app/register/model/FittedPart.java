package oldtallow.app.register.model;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import oldtallow.core.bearing.SetDesignation;
import org.jspecify.annotations.Nullable;

/**
 * A part in its place.
 *
 * @param designation as it stands on the part; of a bearing its cone
 * @param cupDesignation of a bearing only
 * @param pairNumber engraved on both rings of a matched pair
 * @param gradeNote such as origin or class
 * @param batch or trace number; may be empty
 * @param packedOn the day it was packed with grease
 * @param fittedKm the rig's distance then
 * @param removedOn null while it is fitted
 */
public record FittedPart(
        UUID id,
        UUID wheelEndId,
        PartPlace place,
        String designation,
        @Nullable String cupDesignation,
        @Nullable String pairNumber,
        String gradeNote,
        String batch,
        @Nullable LocalDate packedOn,
        @Nullable LocalDate fittedOn,
        @Nullable Integer fittedKm,
        Condition condition,
        @Nullable LocalDate removedOn) {

    /** Whether it had run before. */
    public enum Condition {
        NEW,
        REUSED
    }

    public boolean isFitted() {
        return removedOn == null;
    }

    /** A bearing's set, where its numbers can be those of one. */
    public Optional<SetDesignation> set() {
        return cupDesignation == null ? Optional.empty() : SetDesignation.ofIfStandard(designation, cupDesignation);
    }

    /** How it is called: L44649/L44610, or 171255TB. */
    public String words() {
        return cupDesignation == null || cupDesignation.equals(designation)
                ? designation
                : designation + "/" + cupDesignation;
    }
}
