package oldtallow.core.fit.seal;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * Size of a rotary shaft lip seal: shaft × bore × width, as seals are named (ISO 6194-1, DIN 3760).
 *
 * @param shaft d1, of the land the lip runs on, 6 to 250 mm
 * @param bore D, of the hub, above {@code shaft}
 * @param width b, 2 to 60 mm; empty where it is not known
 */
public record SealSize(Length shaft, Length bore, Optional<Length> width) {

    private static final Pattern NAME =
            Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*[x×*]\\s*(\\d+(?:\\.\\d+)?)(?:\\s*[x×*]\\s*(\\d+(?:\\.\\d+)?))?"
                    + "\\s*(mm|in)?(?:\\s.*)?");
    private static final double MOST_SHAFT_MM = 250;
    private static final double LEAST_SHAFT_MM = 6;

    public SealSize {
        double land = shaft.millimetres();
        if (!(land >= LEAST_SHAFT_MM && land <= MOST_SHAFT_MM)) {
            throw new OutOfRangeException(EnteredQuantity.SHAFT_OF_SEAL, land + " mm", "6 to 250 mm (1/4 to 10 in)");
        }
        double radial = (bore.millimetres() - land) / 2;
        if (!(radial >= 2 && radial <= 60)) {
            throw new OutOfRangeException(
                    EnteredQuantity.BORE_OF_SEAL, bore.millimetres() + " mm", "4 to 120 mm more than the shaft");
        }
        width.ifPresent(one -> {
            if (!(one.millimetres() >= 2 && one.millimetres() <= 60)) {
                throw new OutOfRangeException(EnteredQuantity.WIDTH_OF_SEAL, one.millimetres() + " mm", "2 to 60 mm");
            }
        });
    }

    /**
     * Reads a name such as 45×62×8, 45 x 62 x 8 mm or 1.719 x 2.565 in; millimetres where no unit stands. Empty for a name
     * that is none of a size.
     */
    public static Optional<SealSize> parse(String name) {
        Matcher read = NAME.matcher(name.strip());
        if (!read.matches()) {
            return Optional.empty();
        }
        boolean inches = "in".equals(read.group(4));
        try {
            return Optional.of(new SealSize(
                    length(read.group(1), inches),
                    length(read.group(2), inches),
                    Optional.ofNullable(read.group(3)).map(number -> length(number, inches))));
        } catch (OutOfRangeException e) {
            return Optional.empty();
        }
    }

    private static Length length(String number, boolean inches) {
        double value = Double.parseDouble(number);
        return inches ? Length.ofInches(value) : Length.ofMillimetres(value);
    }

    static SealSize ofMillimetres(double shaft, double bore, double width) {
        return new SealSize(
                Length.ofMillimetres(shaft), Length.ofMillimetres(bore), Optional.of(Length.ofMillimetres(width)));
    }

    /** h, half of what the bore is wider than the shaft. */
    public Length radialHeight() {
        return bore.minus(shaft).times(0.5);
    }
}
