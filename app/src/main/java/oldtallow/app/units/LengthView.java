package oldtallow.app.units;

import oldtallow.core.quantity.Length;

/** A length to be shown, in both units. */
public record LengthView(double millimetres, double thousandths) {

    public static LengthView of(Length length) {
        return new LengthView(length.millimetres(), length.thousandths());
    }
}
