package oldtallow.core.travel.wheel;

import java.util.List;
import oldtallow.core.fastening.thread.NutFactor;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Torque;

/**
 * What a torque does to a stud: an estimate, friction decides it.
 *
 * <pre>
 * F = T / (K d)        At = π/4 (d − c p)²        σ = F / At        c 0.9382 metric, 0.9743 unified inch threads
 * K 0.2 dry, 0.15 oiled    d, p diameter and pitch [m]    At tensile stress area [m²]
 * </pre>
 *
 * Sources: nut factor, Shigley's Mechanical Engineering Design, 9th ed., table 8-15; stress area, ISO 898-1 and ASME B1.1. From
 * memory.
 *
 * @param diameter of the stud, 6 to 30 mm
 * @param pitch 0.5 to 4 mm
 */
public record StudLoad(Length diameter, Length pitch, Series series, Surface thread) {

    /** Of the proof stress; above it friction alone decides whether the stud stretches. */
    private static final double STRETCHES = 0.9;

    /** What a torque does to a stud; an estimate. */
    public enum Verdict {
        HOLDS("holds"),
        STRETCHES("may stretch: too near its proof stress"),
        YIELDS("stretches for good or breaks");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** By which standard the thread is cut. */
    public enum Series {
        METRIC(0.9382),
        UNIFIED(0.9743);

        private final double pitchesOff;

        Series(double pitchesOff) {
            this.pitchesOff = pitchesOff;
        }

        /** Classes its studs are made in, the weakest first. */
        public List<PropertyClass> classes() {
            return this == METRIC
                    ? List.of(PropertyClass.CLASS_8_8, PropertyClass.CLASS_10_9, PropertyClass.CLASS_12_9)
                    : List.of(PropertyClass.GRADE_5, PropertyClass.GRADE_8);
        }
    }

    /** What is on the thread. */
    public enum Surface {
        DRY("clean and dry", NutFactor.DEFAULT),
        OILED("oiled", new NutFactor(0.15));

        private final String words;
        private final NutFactor factor;

        Surface(String words, NutFactor factor) {
            this.words = words;
            this.factor = factor;
        }

        public String words() {
            return words;
        }
    }

    public StudLoad {
        if (!(diameter.millimetres() >= 6 && diameter.millimetres() <= 30)) {
            throw new OutOfRangeException(EnteredQuantity.STUD_DIAMETER, diameter.millimetres() + " mm", "6 to 30 mm");
        }
        if (!(pitch.millimetres() >= 0.5 && pitch.millimetres() <= 4)) {
            throw new OutOfRangeException(EnteredQuantity.STUD_PITCH, pitch.millimetres() + " mm", "0.5 to 4 mm");
        }
        StudThread.require(diameter, pitch, series);
    }

    /** Pull of the stud on the wheel. */
    public Force clamp(Torque torque) {
        return thread.factor.force(torque, diameter);
    }

    /** Tensile stress area, mm². */
    public double stressAreaSquareMillimetres() {
        double core = diameter.millimetres() - series.pitchesOff * pitch.millimetres();
        return Math.PI / 4 * core * core;
    }

    /** Tension in the stud, N/mm². */
    public double stressMegapascals(Torque torque) {
        return clamp(torque).newtons() / stressAreaSquareMillimetres();
    }

    /** What a torque does to a stud of a class. */
    public Verdict verdict(Torque torque, PropertyClass strength) {
        double share = ofProof(torque, strength);
        if (share > 1) {
            return Verdict.YIELDS;
        }
        return share > STRETCHES ? Verdict.STRETCHES : Verdict.HOLDS;
    }

    /** Tension over the stress of the proof load of a class; over 1 the stud stays longer. */
    public double ofProof(Torque torque, PropertyClass strength) {
        return stressMegapascals(torque) / strength.proofMegapascals(diameter);
    }

    /** How much more the same torque pulls than on a clean dry thread; 1 where it is one. */
    public double overDry() {
        return NutFactor.DEFAULT.k() / thread.factor.k();
    }
}
