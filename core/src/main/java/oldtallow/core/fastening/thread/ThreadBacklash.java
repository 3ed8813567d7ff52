package oldtallow.core.fastening.thread;

import oldtallow.core.quantity.Length;

/**
 * Axial play of a nut on its thread, which a second nut closes when it is pulled tight: so much end play locking can take.
 *
 * <pre>
 * TD2 = 0.0015·∛D + 0.0015·√Le + 0.015·∛(P²)      [in], Le = D
 * least play = 0.3·TD2·tan 30°        allowance of class 2A
 * most play  = 2.6·TD2·tan 30°        allowance, tolerance of 2A, and 1.3·TD2 of class 2B
 * </pre>
 *
 * Source: ASME B1.1, unified inch screw threads, pitch diameter tolerances. From memory. For metric threads it is a guide.
 *
 * @param least above 0
 * @param most above {@code least}
 */
public record ThreadBacklash(Length least, Length most) {

    private static final double TAN_30 = Math.tan(Math.toRadians(30));
    private static final double ALLOWANCE = 0.3;
    private static final double ALL_OF_IT = 2.6;

    public static ThreadBacklash of(ScrewThread thread) {
        double tolerance = pitchDiameterTolerance(thread);
        return new ThreadBacklash(
                Length.ofInches(ALLOWANCE * tolerance * TAN_30), Length.ofInches(ALL_OF_IT * tolerance * TAN_30));
    }

    /** TD2 of class 2A, in. */
    static double pitchDiameterTolerance(ScrewThread thread) {
        double diameter = thread.nominalDiameter().inches();
        return 0.0015 * Math.cbrt(diameter)
                + 0.0015 * Math.sqrt(diameter)
                + 0.015 * Math.cbrt(Math.pow(thread.pitch().inches(), 2));
    }
}
