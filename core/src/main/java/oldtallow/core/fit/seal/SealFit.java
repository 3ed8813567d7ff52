package oldtallow.core.fit.seal;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import oldtallow.core.fit.SizeRange;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * Whether a seal goes with a land and a bore as they were measured.
 *
 * <p>A shaft seal runs on a land of h11 in a bore of H8 (ISO 6194-1; deviations by ISO 286-2, from memory). A reading whose
 * doubt reaches into these limits passes.
 *
 * @param off by how much the sizes miss, land and bore together; zero where it fits
 */
public record SealFit(SealSize size, Verdict verdict, Length off) {

    private static final List<Band> BANDS = List.of(
            new Band(18, 110, 27),
            new Band(30, 130, 33),
            new Band(50, 160, 39),
            new Band(80, 190, 46),
            new Band(120, 220, 54),
            new Band(180, 250, 63),
            new Band(250, 290, 72),
            new Band(315, 320, 81),
            new Band(400, 360, 89));

    /** How it goes. */
    public enum Verdict {
        FITS("fits land and bore"),
        LOOSE_ON_LAND("too large for the land: the lip does not press"),
        TIGHT_ON_LAND("too small for the land: the lip is stretched and burns"),
        LOOSE_IN_BORE("too small for the bore: it falls out or turns"),
        TIGHT_IN_BORE("too large for the bore: it buckles");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private record Band(double upToMillimetres, double h11, double h8) {

        static Band of(Length nominal) {
            return BANDS.stream()
                    .filter(band -> nominal.millimetres() <= band.upToMillimetres)
                    .findFirst()
                    .orElseThrow(() -> new OutOfRangeException(
                            EnteredQuantity.SEAL, nominal.millimetres() + " mm", "400 mm at most"));
        }
    }

    public static SealFit of(SealSize size, SizeRange land, SizeRange bore) {
        Length leastLand =
                size.shaft().minus(Length.ofMicrometres(Band.of(size.shaft()).h11()));
        Length mostBore =
                size.bore().plus(Length.ofMicrometres(Band.of(size.bore()).h8()));
        Length landOff = outside(land, leastLand, size.shaft());
        Length boreOff = outside(bore, size.bore(), mostBore);
        return new SealFit(size, verdict(landOff, boreOff), magnitude(landOff).plus(magnitude(boreOff)));
    }

    /** Those that fit first, then the nearest misses. */
    public static List<SealFit> nearest(Stream<SealSize> sizes, SizeRange land, SizeRange bore, int most) {
        return sizes.map(size -> of(size, land, bore))
                .sorted(Comparator.comparing(SealFit::off)
                        .thenComparing(fit -> fit.size().shaft())
                        .thenComparing(fit -> fit.size().bore()))
                .limit(most)
                .toList();
    }

    public boolean fits() {
        return verdict == Verdict.FITS;
    }

    private static Verdict verdict(Length landOff, Length boreOff) {
        if (magnitude(landOff).compareTo(magnitude(boreOff)) > 0) {
            return landOff.isNegative() ? Verdict.LOOSE_ON_LAND : Verdict.TIGHT_ON_LAND;
        }
        if (boreOff.compareTo(Length.ZERO) == 0) {
            return Verdict.FITS;
        }
        return boreOff.isNegative() ? Verdict.TIGHT_IN_BORE : Verdict.LOOSE_IN_BORE;
    }

    /** By how much a measured size lies above (or, negative, below) its limits for certain. */
    private static Length outside(SizeRange measured, Length least, Length most) {
        if (measured.most().compareTo(least) < 0) {
            return measured.most().minus(least);
        }
        return measured.least().compareTo(most) > 0 ? measured.least().minus(most) : Length.ZERO;
    }

    private static Length magnitude(Length length) {
        return length.isNegative() ? length.times(-1) : length;
    }
}
