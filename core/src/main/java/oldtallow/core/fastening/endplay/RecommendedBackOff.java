package oldtallow.core.fastening.endplay;

import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;

/**
 * Final back-offs of heavy wheel ends, from 50 lbf·ft with the hub turning, before the jam nut or the cotter.
 *
 * <p>The nominal travel is <em>not</em> the end play: spring-back, thread backlash closed by the jam nut and the
 * compliance of hub and spindle come off it, and the arithmetic does not close on 1 to 5 thou. Acceptance is a dial
 * indicator reading of 0.001 to 0.005 in; heavy wheel ends are licensed practice in many places.
 *
 * <p>Source: Technology and Maintenance Council of the American Trucking Associations, recommended practice RP 618,
 * wheel bearing adjustment. From memory.
 */
public enum RecommendedBackOff {
    STEER_SINGLE_NUT_12("steer", false, 12, Turn.of(1, 6)),
    STEER_SINGLE_NUT_18("steer", false, 18, Turn.of(1, 4)),
    STEER_DOUBLE_NUT_14("steer", true, 14, Turn.of(1, 2)),
    STEER_DOUBLE_NUT_18("steer", true, 18, Turn.of(1, 2)),
    DRIVE_12("drive", true, 12, Turn.of(1, 4)),
    DRIVE_16("drive", true, 16, Turn.of(1, 4)),
    TRAILER_12("trailer", true, 12, Turn.of(1, 4)),
    TRAILER_16("trailer", true, 16, Turn.of(1, 4));

    private final String axle;
    private final boolean jamNut;
    private final int threadsPerInch;
    private final Turn backOff;

    RecommendedBackOff(String axle, boolean jamNut, int threadsPerInch, Turn backOff) {
        this.axle = axle;
        this.jamNut = jamNut;
        this.threadsPerInch = threadsPerInch;
        this.backOff = backOff;
    }

    public String axle() {
        return axle;
    }

    /** Whether a jam nut follows; it takes up play, so the reading is taken after it. */
    public boolean jamNut() {
        return jamNut;
    }

    public int threadsPerInch() {
        return threadsPerInch;
    }

    public Turn backOff() {
        return backOff;
    }

    /** Axial travel of the nut over the back-off; a guide, never the predicted end play. */
    public Length nominalTravel() {
        return Length.ofInches(backOff.turns() / threadsPerInch);
    }
}
