package oldtallow.core.fit;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.quantity.ReadingKind;

/**
 * A cup in the bore of its hub. The cup turns against the load with the hub, so it has to be held.
 *
 * <pre>
 * needs = 0.08 µm·√(d·F/l)  +  (αh − αs)·40 K·d where the hub grows more than the cup      d, l in mm, F in N
 * </pre>
 *
 * Less creeps: light. The first part is bearing handbooks' usual rule for a ring that turns against its load (from memory), the
 * second what a warm aluminium hub lets go. Heavy by what it does to the hub: over two thirds of the hoop stress it stands. N7 and
 * P7 in iron, the usual classes for a turning cup (ISO 286), lie between. A cup more than 0.15 mm off either way is another cup;
 * common practice.
 *
 * @param hub material
 * @param cup outside diameter
 * @param bore of the hub
 * @param seat what is round it and rests on it
 * @param least interference that may be, below zero loose
 * @param most interference that may be
 */
public record CupFit(HubMaterial hub, SizeRange cup, SizeRange bore, Seat seat, Length least, Length most) {

    private static final double WRONG_CUP_MM = 0.15;
    private static final double NEAR_TWIN_MM = 0.05;
    private static final double HAMMER_MOST_N = 6_000;
    private static final double PRESS_MOST_N = 25_000;
    private static final double ROOM_CELSIUS = 20;
    private static final double USUAL_IN_IRON = 0.8e-3;
    private static final double TIGHTEST_PER_MILLE = 1.3;
    private static final double TIGHTEST_IN_ALUMINIUM_PER_MILLE = 1.5;
    private static final double CREEP_MICROMETRES = 0.08;
    private static final double WARM_KELVIN = 40;
    private static final double HEAVY_OF_LIMIT = 2.0 / 3;
    /** A light hub's on a cup of 60 mm; others by the square of their diameter. */
    private static final double USUAL_LOAD_N = 5_000;

    private static final double USUAL_LOAD_CUP_MM = 60;
    private static final double MOST_LOAD_N = 100_000;

    /**
     * What the cup sits in.
     *
     * @param cupInside mean inside diameter of the cup
     * @param hubOutside outside diameter of the hub round the cup
     * @param engaged length over which they touch
     * @param load radial on the bearing, over 0 up to 100 kN
     */
    public record Seat(Length cupInside, Length hubOutside, Length engaged, Force load) {

        public Seat {
            if (!(load.newtons() > 0 && load.newtons() <= MOST_LOAD_N)) {
                throw new OutOfRangeException(
                        EnteredQuantity.LOAD_ON_BEARING, load.newtons() + " N", "over 0 up to 100,000 N (10 t)");
            }
        }
    }

    /** How it sits. */
    public enum Verdict {
        WRONG_CUP("the wrong cup, or a worn-out hub"),
        SPINS("spins in its bore: the hub is scrap, or is bushed by a machine shop"),
        LIGHT("light: under its load it may creep"),
        NORMAL("normal"),
        HEAVY("heavy: warm the hub and chill the cup"),
        TOO_MUCH("more than the hub can stand");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How a cup is got home. */
    public enum Way {
        BY_HAND("falls in by hand: do not run it"),
        HAMMER("driver and hammer"),
        PRESS("press, or warm and chill"),
        WARM("warm the hub and chill the cup");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static CupFit of(HubMaterial hub, SizeRange cup, SizeRange bore, Seat seat) {
        requireSize(ReadingKind.CUP_OUTSIDE, cup);
        requireSize(EnteredQuantity.CUP_BORE_OF_HUB, bore);
        var fit = new CupFit(
                hub, cup, bore, seat, cup.least().minus(bore.most()), cup.most().minus(bore.least()));
        fit.pressed(Length.ZERO); // a hub no wider than its cup is refused of a loose one, too
        return fit;
    }

    private static void requireSize(Quantity quantity, SizeRange size) {
        double mm = size.middle().millimetres();
        if (!(mm >= 15 && mm <= 400)) {
            throw new OutOfRangeException(quantity, mm + " mm", "15 to 400 mm (0.6 to 15.7 in); is the unit right?");
        }
    }

    /** What a bearing of that size usually carries: 5 kN on a cup of 60 mm. Common practice. */
    public static Force usualLoad(Length cupOutside) {
        double size = cupOutside.millimetres() / USUAL_LOAD_CUP_MM;
        return Force.ofNewtons(Math.min(MOST_LOAD_N, USUAL_LOAD_N * size * size));
    }

    /** On diameter; below zero the cup is loose. */
    public Length interference() {
        return cup.middle().minus(bore.middle());
    }

    /** The least interference that holds the cup under its load, warm. */
    public Length needs() {
        double d = bore.middle().millimetres();
        double creep = CREEP_MICROMETRES * Math.sqrt(d * seat.load.newtons() / seat.engaged.millimetres());
        double grows = Math.max(0, hub.expansion() - BearingSteel.EXPANSION) * WARM_KELVIN * d;
        return Length.ofMicrometres(creep).plus(Length.ofMillimetres(grows));
    }

    /** Its pressure and force at {@link #interference()}; empty for a loose cup. */
    public Optional<PressFit> pressFit() {
        return interference().isNegative() ? Optional.empty() : Optional.of(pressed(interference()));
    }

    private PressFit pressed(Length interference) {
        return new PressFit(hub, bore.middle(), seat.cupInside, seat.hubOutside, seat.engaged, interference);
    }

    /** How it sits. */
    public Verdict verdict() {
        return verdict(interference());
    }

    /** Whether the doubt of both sizes leaves the verdict open. */
    public boolean isOpen() {
        return verdict(least) != verdict() || verdict(most) != verdict();
    }

    public static Way way(Optional<PressFit> pressed) {
        double newtons = pressed.map(PressFit::force).map(Force::newtons).orElse(0.0);
        if (newtons <= 0) {
            return Way.BY_HAND;
        }
        return newtons <= HAMMER_MOST_N ? Way.HAMMER : newtons <= PRESS_MOST_N ? Way.PRESS : Way.WARM;
    }

    /**
     * The hub temperature at which the fit is gone, both at the same temperature, °C; empty where the hub grows no more than
     * the cup, as iron does.
     */
    public Optional<Double> looseAtCelsius() {
        double perKelvin =
                (hub.expansion() - BearingSteel.EXPANSION) * bore.middle().millimetres();
        return perKelvin <= 0 || interference().isNegative()
                ? Optional.empty()
                : Optional.of(ROOM_CELSIUS + interference().millimetres() / perKelvin);
    }

    /** Sets whose cup would sit normally in this bore, nearest first. */
    public List<BearingSet> wouldFit(List<BearingSet> catalogue) {
        Length wanted = bore.middle().times(1 + USUAL_IN_IRON);
        return catalogue.stream()
                .filter(set -> off(set, wanted) <= NEAR_TWIN_MM)
                .sorted(Comparator.comparingDouble(set -> off(set, wanted)))
                .toList();
    }

    /** The tightest fit usual in a bore of this size, where nothing was measured: 1.3 ‰, in aluminium 1.5 ‰. Common practice. */
    public static Length tightestUsual(HubMaterial hub, Length bore) {
        return bore.times((hub == HubMaterial.ALUMINIUM ? TIGHTEST_IN_ALUMINIUM_PER_MILLE : TIGHTEST_PER_MILLE) * 1e-3);
    }

    /** The fit a cup in a bore of this size usually has: 0.8 ‰, in aluminium 1 ‰ (about 0.001 in per inch). Common practice. */
    public static Length usual(HubMaterial hub, Length bore) {
        return bore.times(hub == HubMaterial.ALUMINIUM ? 1e-3 : USUAL_IN_IRON);
    }

    private static double off(BearingSet set, Length wanted) {
        return Math.abs(set.outsideDiameter().minus(wanted).millimetres());
    }

    private Verdict verdict(Length interference) {
        double mm = interference.millimetres();
        if (Math.abs(mm) > Math.max(WRONG_CUP_MM, 2e-3 * bore.middle().millimetres())) {
            return Verdict.WRONG_CUP;
        }
        if (mm <= 0) {
            return Verdict.SPINS;
        }
        double stress = pressed(interference).hoopStress();
        if (stress > hub.hoopLimit()) {
            return Verdict.TOO_MUCH;
        }
        if (interference.compareTo(needs()) < 0) {
            return Verdict.LIGHT;
        }
        return stress > HEAVY_OF_LIMIT * hub.hoopLimit() ? Verdict.HEAVY : Verdict.NORMAL;
    }
}
