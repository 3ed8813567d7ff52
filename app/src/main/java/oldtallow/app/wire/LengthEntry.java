package oldtallow.app.wire;

import oldtallow.core.quantity.Length;

/** A length as somebody entered it: the number and its unit. */
public record LengthEntry(Double number, LengthUnit unit) {

    public static LengthEntry ofMillimetres(Length length) {
        return new LengthEntry(length.millimetres(), LengthUnit.MILLIMETRE);
    }

    public Length toLength() {
        return unit.of(number);
    }
}
