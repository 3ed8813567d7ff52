package oldtallow.core.setting.rolling;

import java.util.Optional;
import oldtallow.core.fit.CupFit;
import oldtallow.core.fit.HubMaterial;
import oldtallow.core.fit.PressFit;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * How end play changes from cold to running.
 *
 * <pre>
 * ΔG = αs·(Th − Ts)·(Σ rm·cot α − L) + (αh − αs)·Th·(ρ·Σ rc·cot α − L)
 * </pre>
 *
 * Th and Ts: hub with its cups, and spindle with its cones, warmer than when it was set. rm: rollers' circle, rc: cup's outside
 * radius, L: between the rollers' middles. The cups are steel and grow as steel; a hub that grows more lets go of them, and of
 * the interference it loses the race opens by a part ρ only (Lamé, {@link PressFit}; 0.385 in aluminium). Where all of it is
 * lost the cup may turn, and nothing is said of the play. Worked out for this product (reference sheet §9, §17).
 *
 * @param between L, 5 to 500 mm
 * @param inboardCup outside diameter
 * @param outboardCup outside diameter
 */
public record ThermalPlay(BearingPair pair, HubMaterial hub, Length between, Length inboardCup, Length outboardCup) {

    private static final double STEEL = 11.5e-6;
    /** A light hub's cup, whose ρ stands for all: it hardly depends on size. */
    private static final Length CUP = Length.ofMillimetres(59.975);

    private static final Length RACE = Length.ofMillimetres(49.5);
    private static final Length ROUND_IT = Length.ofMillimetres(90);
    private static final Length WIDTH = Length.ofMillimetres(11.9);

    public ThermalPlay {
        if (!(between.millimetres() >= 5 && between.millimetres() <= 500)) {
            throw new OutOfRangeException(
                    EnteredQuantity.DISTANCE_OF_ROLLERS, between.millimetres() + " mm", "5 to 500 mm");
        }
    }

    /**
     * Change for a hub and a spindle so much warmer than when it was set, K; below zero it tightens. Empty where the cups' fit,
     * taken as usual, is gone.
     */
    public Optional<Length> change(double hubKelvin, double spindleKelvin) {
        if (!(Math.abs(hubKelvin) <= 250 && Math.abs(spindleKelvin) <= 250)) {
            throw new OutOfRangeException(
                    EnteredQuantity.WARMING, hubKelvin + " and " + spindleKelvin + " K", "250 K at most");
        }
        if (hubKelvin >= fitGoneAt()) {
            return Optional.empty();
        }
        double length = between.millimetres();
        double rollers =
                slope(pair.inner().pitch(), pair.inner()) + slope(pair.outer().pitch(), pair.outer());
        double cups = slope(inboardCup.millimetres(), pair.inner()) + slope(outboardCup.millimetres(), pair.outer());
        return Optional.of(Length.ofMillimetres(STEEL * (hubKelvin - spindleKelvin) * (rollers - length)
                + (hub.expansion() - STEEL) * hubKelvin * (letGo() * cups - length)));
    }

    /** Warming at which a hub with the usual fit holds its cups no more, K; infinite where it grows no more than they do. */
    double fitGoneAt() {
        double more = hub.expansion() - STEEL;
        Length smaller = inboardCup.compareTo(outboardCup) < 0 ? inboardCup : outboardCup;
        return more <= 0
                ? Double.POSITIVE_INFINITY
                : CupFit.usual(hub, smaller).millimetres() / (more * smaller.millimetres());
    }

    /** ρ: what of a lost interference opens the race, both on diameter. */
    double letGo() {
        Length lost = Length.ofMillimetres(0.05);
        return new PressFit(hub, CUP, RACE, ROUND_IT, WIDTH, lost).raceShrinks().millimetres() / lost.millimetres();
    }

    private static double slope(double diameter, RollerBearing bearing) {
        return diameter / 2 / bearing.tangent();
    }
}
