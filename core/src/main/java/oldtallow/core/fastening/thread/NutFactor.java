package oldtallow.core.fastening.thread;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Torque;

/**
 * Nut factor: how a tightening torque becomes axial force. An estimate; friction decides it.
 *
 * <pre>
 * T = K · F · d
 * K = (dm / 2d) · (tan λ + f · sec α) / (1 − f · tan λ · sec α) + 0.625 · fc
 *
 * T   torque [N·m]           F   axial force [N]        d   nominal diameter [m]
 * dm  mean diameter, (d + dr)/2, dr minor diameter [m]  α   half thread angle, 30°
 * λ   lead angle, tan λ = P / (π · dm)                  f, fc  friction of thread and of nut face
 * </pre>
 *
 * Source: Budynas and Nisbett, Shigley's Mechanical Engineering Design, 9th ed., eqs. 8-26 and 8-27, table 8-15. From
 * memory.
 *
 * @param k between 0.05 and 0.6
 */
public record NutFactor(double k) {

    /** Plain steel, condition unknown (table 8-15 and the text below eq. 8-27, from memory). */
    public static final NutFactor DEFAULT = new NutFactor(0.20);

    private static final double COS_HALF_THREAD_ANGLE = Math.cos(Math.toRadians(30));
    /** Mean collar diameter is taken as 1.25 d, so the face adds 1.25 fc / 2 (text above eq. 8-26, from memory). */
    private static final double FACE_SHARE = 0.625;
    /** Depth of the basic 60° external thread to its root flat, over both sides, in pitches (ASME B1.1, from memory). */
    private static final double MINOR_DIAMETER_PITCHES = 1.299038;

    public NutFactor {
        if (!(k >= 0.05 && k <= 0.6)) {
            throw new OutOfRangeException(EnteredQuantity.NUT_FACTOR, k, "0.05 to 0.6");
        }
    }

    /** The long form, minor diameter from the basic thread profile. */
    public static NutFactor of(ScrewThread thread, double threadFriction, double faceFriction) {
        Length minor = thread.nominalDiameter().minus(thread.pitch().times(MINOR_DIAMETER_PITCHES));
        return of(thread, minor, threadFriction, faceFriction);
    }

    /** The long form with a minor diameter of its own, such as one worked back from a tabled root area. */
    public static NutFactor of(ScrewThread thread, Length minorDiameter, double threadFriction, double faceFriction) {
        double d = thread.nominalDiameter().metres();
        double dm = (d + minorDiameter.metres()) / 2;
        double tanLead = thread.pitch().metres() / (Math.PI * dm);
        double wedged = threadFriction / COS_HALF_THREAD_ANGLE;
        return new NutFactor(dm / (2 * d) * (tanLead + wedged) / (1 - wedged * tanLead) + FACE_SHARE * faceFriction);
    }

    public Force force(Torque torque, Length nominalDiameter) {
        return Force.ofNewtons(torque.newtonMetres() / (k * nominalDiameter.metres()));
    }

    public Torque torque(Force force, Length nominalDiameter) {
        return Torque.ofNewtonMetres(k * force.newtons() * nominalDiameter.metres());
    }
}
