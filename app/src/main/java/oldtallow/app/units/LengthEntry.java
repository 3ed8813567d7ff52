package oldtallow.app.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import oldtallow.core.quantity.Length;

/** A length as somebody entered it: the number and its unit. */
public record LengthEntry(Double number, LengthUnit unit) {

    public static LengthEntry ofMillimetres(Length length) {
        return new LengthEntry(length.millimetres(), LengthUnit.MILLIMETRE);
    }

    /** Whether it was entered in inches, where a number in millimetres may have slipped in. */
    public boolean inInches() {
        return unit == LengthUnit.INCH;
    }

    /** What to ask when the number makes sense in the other unit only. */
    public String otherUnitQuestion() {
        return inInches()
                ? "is " + plain(number) + " in, or " + plain(toLength().millimetres())
                        + " mm: are millimetres meant? Then switch the unit"
                : "is " + plain(number) + " mm: are inches meant? Then switch the unit";
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number)
                .setScale(3, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }

    public Length toLength() {
        return unit.of(number);
    }
}
