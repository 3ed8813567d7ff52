package oldtallow.core.fit;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * A cup in the bore of its hub.
 *
 * <p>Bands, in interference to diameter: below 0.4 ‰ light, to 1.3 ‰ normal, above heavy (light wheel cups: 25 to 76 µm;
 * aluminium: about 0.001 in per inch, 0.7 to 1.5 ‰). A cup more than 0.15 mm off either way is another cup. Common practice.
 *
 * @param hub material
 * @param cup outside diameter
 * @param bore of the hub
 * @param least interference that may be, below zero loose
 * @param most interference that may be
 */
public record CupFit(HubMaterial hub, SizeRange cup, SizeRange bore, Length least, Length most) {

    private static final double WRONG_CUP_MM = 0.15;
    private static final double NEAR_TWIN_MM = 0.05;
    private static final double HAMMER_MOST_N = 6_000;
    private static final double PRESS_MOST_N = 25_000;
    private static final double ROOM_CELSIUS = 20;
    private static final double NORMAL_PER_MILLE = 1.3;
    private static final double ALUMINIUM_NORMAL_PER_MILLE = 1.5;

    /** How it sits. */
    public enum Verdict {
        WRONG_CUP("the wrong cup, or a worn-out hub"),
        SPINS("spins in its bore: the hub is scrap, or is bushed by a machine shop"),
        LIGHT("light: it may creep"),
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

    public static CupFit of(HubMaterial hub, SizeRange cup, SizeRange bore) {
        if (cup.middle().millimetres() < 15 || cup.middle().millimetres() > 400) {
            throw new OutOfRangeException(
                    "cup outside diameter",
                    cup.middle().millimetres() + " mm",
                    "15 to 400 mm (0.6 to 15.7 in); is the unit right?");
        }
        if (bore.middle().millimetres() < 15 || bore.middle().millimetres() > 400) {
            throw new OutOfRangeException(
                    "cup bore of the hub",
                    bore.middle().millimetres() + " mm",
                    "15 to 400 mm (0.6 to 15.7 in); is the unit right?");
        }
        return new CupFit(
                hub, cup, bore, cup.least().minus(bore.most()), cup.most().minus(bore.least()));
    }

    /** On diameter; below zero the cup is loose. */
    public Length interference() {
        return cup.middle().minus(bore.middle());
    }

    /** Its pressure and force at {@link #interference()}; empty for a loose cup. */
    public Optional<PressFit> pressFit(Length cupInside, Length hubOutside, Length engaged) {
        return interference().isNegative()
                ? Optional.empty()
                : Optional.of(new PressFit(hub, bore.middle(), cupInside, hubOutside, engaged, interference()));
    }

    /** How it sits, the hub's strength left aside. */
    public Verdict verdict() {
        return verdict(interference());
    }

    /** Whether the doubt of both sizes leaves the verdict open. */
    public boolean isOpen() {
        return verdict(least) != verdict(most);
    }

    /** How it sits when pressed as reckoned: what the hub cannot stand overrules the rest. */
    public Verdict verdict(PressFit pressed) {
        return pressed.isBorne() || verdict() == Verdict.WRONG_CUP ? verdict() : Verdict.TOO_MUCH;
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
        Length wanted =
                bore.middle().plus(Length.ofMillimetres(0.8e-3 * bore.middle().millimetres()));
        return catalogue.stream()
                .filter(set -> off(set, wanted) <= NEAR_TWIN_MM)
                .sorted(Comparator.comparingDouble(set -> off(set, wanted)))
                .toList();
    }

    /** The tightest fit in a bore of this size that is still normal. */
    public static Length mostNormal(HubMaterial hub, Length bore) {
        return bore.times((hub == HubMaterial.ALUMINIUM ? ALUMINIUM_NORMAL_PER_MILLE : NORMAL_PER_MILLE) * 1e-3);
    }

    private static double off(BearingSet set, Length wanted) {
        return Math.abs(set.outsideDiameter().minus(wanted).millimetres());
    }

    private Verdict verdict(Length interference) {
        double mm = interference.millimetres();
        double perMille = 1e3 * mm / bore.middle().millimetres();
        boolean light = hub == HubMaterial.ALUMINIUM ? perMille < 0.7 : perMille < 0.4;
        boolean normal = interference.compareTo(mostNormal(hub, bore.middle())) <= 0;
        if (Math.abs(mm) > Math.max(WRONG_CUP_MM, 2e-3 * bore.middle().millimetres())) {
            return Verdict.WRONG_CUP;
        }
        if (mm <= 0) {
            return Verdict.SPINS;
        }
        return light ? Verdict.LIGHT : normal ? Verdict.NORMAL : Verdict.HEAVY;
    }
}
