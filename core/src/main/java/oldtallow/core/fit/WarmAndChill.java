package oldtallow.core.fit;

import java.util.Optional;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;

/**
 * A cup that drops into a warmed hub.
 *
 * <pre>
 * c = d·( αh·(Th − 20) − αc·(Tc − 20) ) − δ        clearance on diameter, cold sizes at 20 °C
 * Tc(t) = Ta + (Tc − Ta)·exp(−t/τ)   τ = m·cp / (h·A)   the cup warms in the air, lumped; h = 20 W/m²K with a gloved hand
 * </pre>
 *
 * Expansion: see {@link HubMaterial}. Estimate: the hub is taken as warm all through; h is common practice. Rings are not chilled
 * below −54 °C, where hardened bearing steel may change size for good (common practice): dry ice alone is −78 °C.
 *
 * @param joint d
 * @param interference δ at 20 °C, on diameter, over 0 up to 0.5 mm
 */
public record WarmAndChill(HubMaterial hub, Length joint, Length interference) {

    /** At which both sizes hold, °C. */
    public static final double ROOM = 20;
    /** What a cup needs to drop in and not catch half-way, on diameter; common practice. */
    public static final Length DROP_IN = Length.ofMillimetres(0.03);

    private static final double HAND_AND_AIR = 20;
    private static final double COLDEST = -54;
    private static final double MOST_INTERFERENCE_MM = 0.5;

    /** Where cups get cold. */
    public enum Cold {
        ROOM("at room temperature", WarmAndChill.ROOM),
        FREEZER("from the freezer", -18),
        DRY_ICE("from a bath kept at −50 °C with dry ice, never straight from the ice", -50);

        private final String words;
        private final double celsius;

        Cold(String words, double celsius) {
            this.words = words;
            this.celsius = celsius;
        }

        public String words() {
            return words;
        }

        public double celsius() {
            return celsius;
        }
    }

    /** How warm a hub may get, by what is still on it. Common practice. */
    public enum HubState {
        BARE("bare, clean and dry", 120, "bearing steel keeps its size and hardness to 120 °C"),
        PAINTED("painted", 100, "paint blisters above 100 °C"),
        SEAL_IN("with a seal in it", 100, "nitrile seals harden above 100 °C"),
        GREASY("still greasy", 80, "old grease smokes and burns: wipe it out first, and no flame near it"),
        LININGS_ON("with linings or pads near", 80, "grease creeps into warm linings: take them away");

        private final String words;
        private final double mostCelsius;
        private final String why;

        HubState(String words, double mostCelsius, String why) {
            this.words = words;
            this.mostCelsius = mostCelsius;
            this.why = why;
        }

        public String words() {
            return words;
        }

        public double mostCelsius() {
            return mostCelsius;
        }

        public String why() {
            return why;
        }
    }

    public WarmAndChill {
        if (!works(interference)) {
            throw new OutOfRangeException(
                    EnteredQuantity.INTERFERENCE,
                    interference.millimetres() + " mm",
                    "over 0 up to 0.5 mm (20 thou); a loose cup needs no warming");
        }
    }

    /** Whether a fit so tight is one to warm for at all: over none, and no tighter than any cup is. */
    public static boolean works(Length interference) {
        return interference.millimetres() > 0 && interference.millimetres() <= MOST_INTERFERENCE_MM;
    }

    /** c, on diameter; below zero it does not go in. */
    public Length clearance(double hubCelsius, double cupCelsius) {
        require(hubCelsius, cupCelsius);
        double d = joint.millimetres();
        return Length.ofMillimetres(
                d * (hub.expansion() * (hubCelsius - ROOM) - BearingSteel.EXPANSION * (cupCelsius - ROOM))
                        - interference.millimetres());
    }

    /** Hub temperature from which a cup of this temperature drops in, °C; may be more than the hub may have. */
    public double hubForDropIn(double cupCelsius) {
        double d = joint.millimetres();
        double wanted = interference.plus(DROP_IN).millimetres() / d + BearingSteel.EXPANSION * (cupCelsius - ROOM);
        return Math.max(ROOM, ROOM + wanted / hub.expansion());
    }

    /**
     * How long a cup may be carried about before it no longer drops in, seconds; empty where it would even at room temperature.
     * Zero where it does not now.
     */
    public Optional<Double> secondsLeft(double hubCelsius, double cupCelsius, CupMass cup) {
        require(hubCelsius, cupCelsius);
        double d = joint.millimetres();
        double warmest = ROOM
                + (hub.expansion() * (hubCelsius - ROOM)
                                - interference.plus(DROP_IN).millimetres() / d)
                        / BearingSteel.EXPANSION;
        if (warmest >= ROOM) {
            return Optional.empty();
        }
        if (cupCelsius >= warmest) {
            return Optional.of(0.0);
        }
        double seconds = cup.heatCapacity() / (HAND_AND_AIR * cup.surface());
        return Optional.of(seconds * Math.log((cupCelsius - ROOM) / (warmest - ROOM)));
    }

    private static void require(double hubCelsius, double cupCelsius) {
        if (!(hubCelsius >= -40 && hubCelsius <= BearingSteel.MOST_CELSIUS)) {
            throw new OutOfRangeException(
                    ReadingKind.HUB_TEMPERATURE, hubCelsius + " °C", "-40 to 120 °C (250 °F): more softens the cup");
        }
        if (!(cupCelsius >= COLDEST && cupCelsius <= BearingSteel.MOST_CELSIUS)) {
            throw new OutOfRangeException(
                    EnteredQuantity.CUP_TEMPERATURE,
                    cupCelsius + " °C",
                    "-54 to 120 °C: colder its size may change for good, so dry ice only in a bath that is warmer");
        }
    }

    /**
     * A cup as a lump of steel: a plain ring.
     *
     * @param outside diameter
     * @param inside mean diameter
     */
    public record CupMass(Length outside, Length inside, Length width) {

        /** m·cp, J/K. */
        double heatCapacity() {
            double ring = outside.metres() * outside.metres() - inside.metres() * inside.metres();
            return Math.PI / 4 * ring * width.metres() * BearingSteel.DENSITY * BearingSteel.HEAT_CAPACITY;
        }

        /** All round, m². */
        double surface() {
            double ring = outside.metres() * outside.metres() - inside.metres() * inside.metres();
            return Math.PI * (outside.metres() + inside.metres()) * width.metres() + Math.PI / 2 * ring;
        }
    }
}
