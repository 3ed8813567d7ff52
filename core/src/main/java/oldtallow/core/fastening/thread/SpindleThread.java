package oldtallow.core.fastening.thread;

import oldtallow.core.quantity.Length;

/**
 * Threads met on wheel-end spindles.
 *
 * <p>Diameters and pitches of the unified threads: ASME B1.1 (from memory); 1-14 is UNS, not the standard fine 1-12. Metric
 * fine threads: ISO 261 (from memory). Where each is used is common practice.
 */
public enum SpindleThread {
    UNF_3_4_16("3/4-16 UNF", 0.75, 16, "small trailers, 3/4 in outboard seat"),
    UNEF_3_4_20("3/4-20 UNEF", 0.75, 20, "classic-car front spindles"),
    UNEF_13_16_20("13/16-20 UNEF", 0.8125, 20, "classic-car front spindles"),
    UNF_7_8_14("7/8-14 UNF", 0.875, 14, "some car and trailer spindles"),
    UNS_1_14("1-14 UNS", 1, 14, "most light trailer spindles"),
    UNF_1_12("1-12 UNF", 1, 12, "rarer; do not confuse with 1-14"),
    UNF_1_1_4_12("1 1/4-12 UNF", 1.25, 12, "heavy trailers"),
    UNF_1_1_2_12("1 1/2-12 UNF", 1.5, 12, "heavy trailers"),
    M20_1_5("M20×1.5", 20, 1.5),
    M24_1_5("M24×1.5", 24, 1.5),
    M24_2("M24×2", 24, 2),
    M27_1_5("M27×1.5", 27, 1.5),
    M39_1_5("M39×1.5", 39, 1.5),
    UN_2_5_8_16("2 5/8-16 UN", 2.625, 16, "heavy double nuts");

    private final String designation;
    private final Length pitch;
    private final Length nominalDiameter;
    private final String usedOn;

    SpindleThread(String designation, double diameterInches, int threadsPerInch, String usedOn) {
        this.designation = designation;
        this.pitch = Length.ofInches(1.0 / threadsPerInch);
        this.nominalDiameter = Length.ofInches(diameterInches);
        this.usedOn = usedOn;
    }

    SpindleThread(String designation, double diameterMillimetres, double pitchMillimetres) {
        this.designation = designation;
        this.pitch = Length.ofMillimetres(pitchMillimetres);
        this.nominalDiameter = Length.ofMillimetres(diameterMillimetres);
        this.usedOn = "metric trailers, cars and light axles";
    }

    public String designation() {
        return designation;
    }

    public String usedOn() {
        return usedOn;
    }

    public ScrewThread cut(ThreadHand hand) {
        return new ScrewThread(pitch, hand, nominalDiameter);
    }
}
