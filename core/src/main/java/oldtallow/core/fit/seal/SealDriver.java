package oldtallow.core.fit.seal;

import java.util.Optional;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.quantity.Length;

/**
 * What a seal is driven with: it bears on the outer third of the case, where the bore holds it up from outside. Common
 * practice; where the box names a driver, that one.
 *
 * @param leastOutside a driver must be at least this wide, or it dishes the case
 * @param mostOutside and at most this wide, or it jams in the bore; empty for a rim, which any flat plate drives home
 * @param leastInside its hollow must be at least this wide; empty where a flat plate will do
 */
public record SealDriver(Length leastOutside, Optional<Length> mostOutside, Optional<Length> leastInside) {

    private static final double CLEAR_OF_BORE_MM = 0.5;
    private static final double BEARS_ON = 1.0 / 3;

    public static SealDriver of(SealSize size, SealType type) {
        Length bearing = size.radialHeight().times(BEARS_ON);
        boolean hollow = type.kind() != SealKind.LIP;
        return new SealDriver(
                size.bore().minus(bearing),
                type.rimmed()
                        ? Optional.empty()
                        : Optional.of(size.bore().minus(Length.ofMillimetres(CLEAR_OF_BORE_MM))),
                hollow ? Optional.of(size.bore().minus(bearing.times(4))) : Optional.empty());
    }

    /** How a driver goes with the seal. */
    public enum Suits {
        DOES("will do"),
        DISHES_CASE("too small: it dishes the case"),
        JAMS_IN_BORE("too large: it jams in the bore");

        private final String words;

        Suits(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How a driver or socket of this outside diameter goes with the seal. */
    public Suits suits(Length outside) {
        if (outside.compareTo(leastOutside) < 0) {
            return Suits.DISHES_CASE;
        }
        return mostOutside.filter(most -> outside.compareTo(most) > 0).isPresent() ? Suits.JAMS_IN_BORE : Suits.DOES;
    }
}
