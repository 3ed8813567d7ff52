package oldtallow.app.units;

import oldtallow.core.quantity.Length;

/** Units a length is entered in. */
public enum LengthUnit {
    MILLIMETRE,
    INCH,
    THOUSANDTH_INCH;

    Length of(double number) {
        return switch (this) {
            case MILLIMETRE -> Length.ofMillimetres(number);
            case INCH -> Length.ofInches(number);
            case THOUSANDTH_INCH -> Length.ofThousandths(number);
        };
    }
}
