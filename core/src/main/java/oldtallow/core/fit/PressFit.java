package oldtallow.core.fit;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;

/**
 * Two rings pressed one into the other, both thick-walled and elastic.
 *
 * <pre>
 * p = δ / ( d·[ (1/Eo)·((Do²+d²)/(Do²−d²) + νo) + (1/Ei)·((d²+di²)/(d²−di²) − νi) ] )
 * σ = p·(Do²+d²)/(Do²−d²)          hoop stress of the hub at its bore
 * F = μ·p·π·d·l                    μ = 0.12, oiled (0.10 to 0.15)
 * u = 2·p·d²·di / (Ei·(d²−di²))    by which the cup's inside shrinks, on diameter
 * </pre>
 *
 * Source: Lamé's equations as in Timoshenko, Strength of Materials, part II (from memory). Estimate: the cup is taken as a
 * plain ring, the hub as one of even wall.
 *
 * @param hub material of the outer ring
 * @param joint d, where they meet
 * @param cupInside di, mean inside diameter of the cup, below {@code joint}
 * @param hubOutside Do, outside diameter of the hub round the cup, 2 mm above {@code joint} at least
 * @param engaged l, length over which they touch
 * @param interference δ on diameter, 0 or more
 */
public record PressFit(
        HubMaterial hub, Length joint, Length cupInside, Length hubOutside, Length engaged, Length interference) {

    private static final double FRICTION = 0.12;
    /** No hub has less round its cup. */
    private static final double LEAST_WALL_MM = 1;

    public PressFit {
        require(
                EnteredQuantity.CUPS_INSIDE_DIAMETER,
                cupInside,
                0,
                joint.millimetres(),
                "less than the cup's outside diameter");
        require(
                EnteredQuantity.HUB_OUTSIDE_CUP,
                hubOutside,
                joint.millimetres() + 2 * LEAST_WALL_MM,
                1000,
                "at least 2 mm more than the cup's outside diameter");
        require(EnteredQuantity.CUP_WIDTH, engaged, 0, 200, "0 to 200 mm");
        if (interference.isNegative()) {
            throw new OutOfRangeException(
                    EnteredQuantity.INTERFERENCE,
                    interference.millimetres() + " mm",
                    "0 or more: a loose cup has no pressure");
        }
    }

    /** p, MPa. */
    public double pressure() {
        double d = joint.millimetres();
        double outer = (square(hubOutside.millimetres()) + d * d) / (square(hubOutside.millimetres()) - d * d);
        double inner = (d * d + square(cupInside.millimetres())) / (d * d - square(cupInside.millimetres()));
        return interference.millimetres()
                / (d
                        * ((outer + hub.poissonsRatio()) / hub.youngsModulus()
                                + (inner - BearingSteel.POISSONS_RATIO) / BearingSteel.YOUNGS_MODULUS));
    }

    /** σ, hoop stress of the hub at its bore, MPa. */
    public double hoopStress() {
        double d = joint.millimetres();
        return pressure() * (square(hubOutside.millimetres()) + d * d) / (square(hubOutside.millimetres()) - d * d);
    }

    /** F, to push the cup home cold. */
    public Force force() {
        return Force.ofNewtons(FRICTION * pressure() * Math.PI * joint.millimetres() * engaged.millimetres());
    }

    /** u, by which the race closes in, on diameter. */
    public Length raceShrinks() {
        double d = joint.millimetres();
        double di = cupInside.millimetres();
        return Length.ofMillimetres(2 * pressure() * d * d * di / (BearingSteel.YOUNGS_MODULUS * (d * d - di * di)));
    }

    private static double square(double value) {
        return value * value;
    }

    private static void require(Quantity quantity, Length value, double above, double below, String range) {
        if (!(value.millimetres() > above && value.millimetres() < below)) {
            throw new OutOfRangeException(quantity, value.millimetres() + " mm", range);
        }
    }
}
