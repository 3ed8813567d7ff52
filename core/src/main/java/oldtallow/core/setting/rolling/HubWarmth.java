package oldtallow.core.setting.rolling;

import oldtallow.core.grease.OilFilm;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.setting.rolling.Equilibrium.Settled;

/**
 * How warm a hub gets at a steady speed: as much heat made as the wind takes away.
 *
 * <pre>
 * H(T) = hA·(T − Ta)      H of both bearings and the seal, with the oil as thin as it is at T
 * </pre>
 *
 * Steady balance of heat (any textbook); hA by {@link HubSurface}, a factor of two either way, this product's own estimate. So what it says of one hub is worth little; that a setting makes the
 * same hub so much warmer than no play ({@link #added}) is worth more, and is all that is shown. The brake is left out.
 *
 * @param coolingWattsPerKelvin hA, 0.2 to 50
 * @param ambientCelsius Ta, −40 to 60
 * @param perMinute turns of the wheel, 0 to 5,000
 * @param sealNewtonMillimetres drag of the seal, 0 to 5,000
 */
public record HubWarmth(
        OilFilm oil,
        double coolingWattsPerKelvin,
        double ambientCelsius,
        double perMinute,
        double sealNewtonMillimetres) {

    /** A lip seal's, 0.15 N·m; common practice. */
    public static final double USUAL_SEAL = 150;

    private static final double LEAST_COOLING = 0.2;
    private static final double MOST_COOLING = 50;

    private static final int MOST_ROUNDS = 100;
    private static final double HOTTEST = 199;
    /** Far below what any thermometer shows. */
    private static final double CLOSE_KELVIN = 1e-4;

    public HubWarmth {
        require(EnteredQuantity.COOLING_OF_HUB, coolingWattsPerKelvin, LEAST_COOLING, MOST_COOLING, "W/K");
        require(EnteredQuantity.OUTSIDE_TEMPERATURE, ambientCelsius, -40, 60, "°C");
        require(EnteredQuantity.SPEED_OF_WHEEL, perMinute, 0, 5_000, "/min");
        require(EnteredQuantity.DRAG_OF_SEAL, sealNewtonMillimetres, 0, 5_000, "N·mm");
    }

    /** With the usual oil and seal, on a road of so many metres a second. */
    public static HubWarmth usual(HubSurface surface, double ambientCelsius, double perMinute, double metresPerSecond) {
        double cooling = Math.clamp(surface.cooling(metresPerSecond), LEAST_COOLING, MOST_COOLING);
        return new HubWarmth(Friction.USUAL_OIL, cooling, ambientCelsius, perMinute, USUAL_SEAL);
    }

    /** What a setting adds to the same hub's warmth without play. */
    public AddedHeat added(double celsius, double celsiusWithoutPlay) {
        return new AddedHeat(Math.max(0, celsius - celsiusWithoutPlay));
    }

    /** Where it settles, °C; 199 where it would run hotter than any grease. */
    public double steady(BearingPair pair, Settled at) {
        double low = ambientCelsius;
        double high = HOTTEST;
        // made less taken falls as it warms: the oil thins and the wind takes more
        for (int round = 0; round < MOST_ROUNDS && high - low > CLOSE_KELVIN; round++) {
            double middle = 0.5 * (low + high);
            if (heat(pair, at, middle) > coolingWattsPerKelvin * (middle - ambientCelsius)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return 0.5 * (low + high);
    }

    /** Torque that turns the wheel at a temperature, the seal's drag in it, N·mm. */
    public double drag(BearingPair pair, Settled at, double celsius) {
        return Friction.of(pair, at, perMinute, oil.viscosity(celsius)).torque() + sealNewtonMillimetres;
    }

    private double heat(BearingPair pair, Settled at, double celsius) {
        return drag(pair, at, celsius) / 1000 * 2 * Math.PI * perMinute / 60;
    }

    private static void require(Quantity what, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new OutOfRangeException(what, value + " " + unit, least + " to " + most + " " + unit);
        }
    }
}
