package oldtallow.core.fastening.thread;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;

/**
 * A single-start spindle thread.
 *
 * <pre>
 * travel = P · θ / 1 turn      P = 25.4 mm / threads per inch, θ back-off [turns]
 * </pre>
 *
 * Source: definition of a thread's lead; 1 in = 25.4 mm by definition.
 *
 * <p>Backing an adjusting nut off by θ raises the end play by exactly the travel: the nut bears on the same flank when
 * it seats and when the hub is pulled out, so thread backlash drops out. A jam nut closes that backlash and ends this.
 *
 * @param pitch 0.35 to 6.35 mm (4 to about 72 threads per inch)
 * @param hand right unless the spindle is marked otherwise
 * @param nominalDiameter 8 to 150 mm
 */
public record ScrewThread(Length pitch, ThreadHand hand, Length nominalDiameter) {

    private static final double LEAST_PITCH_MM = 0.35;
    private static final double MOST_PITCH_MM = 6.35;
    private static final double LEAST_DIAMETER_MM = 8;
    private static final double MOST_DIAMETER_MM = 150;

    public ScrewThread {
        double pitchMm = pitch.millimetres();
        if (!(pitchMm >= LEAST_PITCH_MM && pitchMm <= MOST_PITCH_MM)) {
            throw new OutOfRangeException(
                    EnteredQuantity.THREAD_PITCH, pitchMm + " mm", "0.35 to 6.35 mm, or 4 to 72 threads per inch");
        }
        double diameterMm = nominalDiameter.millimetres();
        if (!(diameterMm >= LEAST_DIAMETER_MM && diameterMm <= MOST_DIAMETER_MM)) {
            throw new OutOfRangeException(EnteredQuantity.THREAD_DIAMETER, diameterMm + " mm", "8 to 150 mm");
        }
    }

    /** An inch thread, such as 1 in with 14 threads per inch. */
    public static ScrewThread ofThreadsPerInch(double threadsPerInch, ThreadHand hand, Length nominalDiameter) {
        if (!(threadsPerInch > 0 && threadsPerInch < Double.POSITIVE_INFINITY)) {
            throw new OutOfRangeException(EnteredQuantity.THREADS_PER_INCH, threadsPerInch, "4 to 72");
        }
        return new ScrewThread(Length.ofInches(1 / threadsPerInch), hand, nominalDiameter);
    }

    /** Axial movement of the nut, positive when it loosens. */
    public Length travel(Turn looser) {
        return pitch.times(looser.turns());
    }

    /** Degrees of nut for an axial movement; the inverse of {@link #travel}. */
    public double degreesFor(Length travel) {
        return 360 * travel.metres() / pitch.metres();
    }
}
