package oldtallow.app.wire;

import oldtallow.core.quantity.Length;

/** Units a length is entered in. */
public enum LengthUnit {
    MILLIMETRE,
    THOUSANDTH_INCH;

    Length of(double number) {
        return this == MILLIMETRE ? Length.ofMillimetres(number) : Length.ofThousandths(number);
    }
}
