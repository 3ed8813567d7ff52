package oldtallow.core.identify;

import java.util.List;
import oldtallow.core.bearing.BearingSet;

/**
 * A set that could be the one measured.
 *
 * @param probability 0 to 1 among all sets of the catalogue, each as likely beforehand
 * @param worst the reading that agrees least
 * @param lookAlikes sets easily taken for it, nearest first
 */
public record Candidate(BearingSet set, double probability, Disagreement worst, List<LookAlike> lookAlikes) {

    /**
     * How far a reading is off.
     *
     * @param deviations in standard deviations of instrument and making together
     * @param millimetres reading less nominal
     */
    public record Disagreement(Measurand measurand, double deviations, double millimetres) {}
}
