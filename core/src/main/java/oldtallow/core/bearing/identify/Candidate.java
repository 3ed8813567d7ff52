package oldtallow.core.bearing.identify;

import java.util.List;
import java.util.Optional;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.quantity.Length;

/**
 * A set that could be the one measured.
 *
 * @param probability 0 to 1, all sets on file as likely beforehand, and one that is on no file a third
 * @param worst the reading that agrees least
 * @param seatWorn by how much a spindle seat that was read lies below this cone's bore, where that is wear; empty otherwise
 * @param lookAlikes sets easily taken for it, nearest first
 */
public record Candidate(
        BearingSet set, double probability, Disagreement worst, Optional<Length> seatWorn, List<LookAlike> lookAlikes) {

    /**
     * How far a reading is off.
     *
     * @param deviations in standard deviations of instrument and making together
     * @param by reading less nominal
     */
    public record Disagreement(Measurand measurand, double deviations, Length by) {}
}
