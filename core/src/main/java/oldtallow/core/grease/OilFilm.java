package oldtallow.core.grease;

import oldtallow.core.bearing.BearingSet;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;

/**
 * Whether the base oil parts rollers from races at speed.
 *
 * <pre>
 * log log(ν + 0.7) = A − B·log T                ASTM D341, T in K, ν in mm²/s, A and B from ν at 40 and 100 °C
 * ν1 = 45000·n^−0.83·dm^−0.5  (n &lt; 1000)       ν1 = 4500·n^−0.5·dm^−0.5  (n ≥ 1000)      ISO 281
 * κ = ν / ν1                                    n in 1/min, dm = (d + D)/2 in mm
 * </pre>
 *
 * Both from memory. ν1 jumps by −2.3 % at 1000/min; so does the standard.
 *
 * @param at40 viscosity at 40 °C, mm²/s, 5 to 2000
 * @param at100 viscosity at 100 °C, mm²/s, 1 and more, less than {@code at40}
 */
public record OilFilm(double at40, double at100) {

    private static final double KELVIN = 273.15;
    private static final double BOTTOM = 0.7;

    public OilFilm {
        if (!(at40 >= 5 && at40 <= 2000)) {
            throw new OutOfRangeException(EnteredQuantity.VISCOSITY_AT_40, at40, "5 to 2000 mm²/s (cSt)");
        }
        if (!(at100 >= 1 && at100 < at40)) {
            throw new OutOfRangeException(
                    EnteredQuantity.VISCOSITY_AT_100, at100, "1 mm²/s or more, and less than at 40 °C");
        }
    }

    /** How well it carries. */
    public enum Carries {
        HARDLY("metal on metal: only additives help", 0.4),
        PARTLY("mixed: wear and heat, additives help", 1),
        WELL("a film carries", 4),
        FULLY("more film than it needs; a thinner oil would run cooler", Double.POSITIVE_INFINITY);

        private final String words;
        private final double below;

        Carries(String words, double below) {
            this.words = words;
            this.below = below;
        }

        public String words() {
            return words;
        }

        static Carries of(double kappa) {
            for (Carries one : values()) {
                if (kappa < one.below) {
                    return one;
                }
            }
            return FULLY;
        }
    }

    /** ν at a temperature of −40 to 200 °C, mm²/s. */
    public double viscosity(double celsius) {
        if (!(celsius >= -40 && celsius <= 200)) {
            throw new OutOfRangeException(ReadingKind.HUB_TEMPERATURE, celsius + " °C", "-40 to 200 °C");
        }
        double hot = lnln(at100);
        double cold = lnln(at40);
        double slope = (cold - hot) / (Math.log10(100 + KELVIN) - Math.log10(40 + KELVIN));
        double intercept = cold + slope * Math.log10(40 + KELVIN);
        return Math.pow(10, Math.pow(10, intercept - slope * Math.log10(celsius + KELVIN))) - BOTTOM;
    }

    /** ν1, mm²/s. */
    public static double needed(double perMinute, Length meanDiameter) {
        if (!(perMinute > 0 && perMinute <= 20_000)) {
            throw new OutOfRangeException(EnteredQuantity.SPEED, perMinute + " /min", "over 0 up to 20,000 /min");
        }
        double root = Math.sqrt(meanDiameter.millimetres());
        return perMinute < 1000 ? 45_000 * Math.pow(perMinute, -0.83) / root : 4_500 / Math.sqrt(perMinute) / root;
    }

    /** κ of a set at a speed and a temperature. */
    public double kappa(BearingSet set, double perMinute, double celsius) {
        return viscosity(celsius)
                / needed(perMinute, set.bore().plus(set.outsideDiameter()).times(0.5));
    }

    public Carries carries(BearingSet set, double perMinute, double celsius) {
        return Carries.of(kappa(set, perMinute, celsius));
    }

    /** Turns of a wheel in a minute; its rolling radius over 0. */
    public static double wheelTurns(double kilometresPerHour, Length rollingRadius) {
        if (!(rollingRadius.millimetres() >= 50 && rollingRadius.millimetres() <= 1000)) {
            throw new OutOfRangeException(
                    EnteredQuantity.ROLLING_RADIUS_OF_TYRE, rollingRadius.millimetres() + " mm", "50 to 1000 mm");
        }
        if (!(kilometresPerHour > 0 && kilometresPerHour <= 250)) {
            throw new OutOfRangeException(EnteredQuantity.SPEED, kilometresPerHour + " km/h", "over 0 up to 250 km/h");
        }
        return kilometresPerHour * 1000 / 60 / (2 * Math.PI * rollingRadius.metres());
    }

    private static double lnln(double viscosity) {
        return Math.log10(Math.log10(viscosity + BOTTOM));
    }
}
