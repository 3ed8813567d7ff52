package oldtallow.core.grease;

import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * Consistency of a grease.
 *
 * <p>Worked penetration after 60 strokes at 25 °C, in tenths of a millimetre: NLGI classification, ISO 2137, ASTM D217 (from
 * memory). Between two grades there is a gap of 15 that belongs to neither.
 */
public enum NlgiGrade {
    NLGI_000("000", 445, 475, "runs like oil"),
    NLGI_00("00", 400, 430, "half liquid"),
    NLGI_0("0", 355, 385, "very soft"),
    NLGI_1("1", 310, 340, "soft: for cold"),
    NLGI_2("2", 265, 295, "the usual one for wheel bearings"),
    NLGI_3("3", 220, 250, "firm: stays put in hot or fast hubs"),
    NLGI_4("4", 175, 205, "hard"),
    NLGI_5("5", 130, 160, "very hard"),
    NLGI_6("6", 85, 115, "a block");

    private final String number;
    private final int leastPenetration;
    private final int mostPenetration;
    private final String words;

    NlgiGrade(String number, int leastPenetration, int mostPenetration, String words) {
        this.number = number;
        this.leastPenetration = leastPenetration;
        this.mostPenetration = mostPenetration;
        this.words = words;
    }

    public String number() {
        return number;
    }

    public int leastPenetration() {
        return leastPenetration;
    }

    public int mostPenetration() {
        return mostPenetration;
    }

    public String words() {
        return words;
    }

    /** By its number, 000 to 6. */
    public static Optional<NlgiGrade> numbered(String number) {
        return Stream.of(values()).filter(grade -> grade.number.equals(number)).findFirst();
    }

    /** The grade of a worked penetration, 85 to 475 tenths of a millimetre; empty between two grades. */
    public static Optional<NlgiGrade> ofPenetration(int tenths) {
        if (tenths < NLGI_6.leastPenetration || tenths > NLGI_000.mostPenetration) {
            throw new OutOfRangeException(
                    EnteredQuantity.WORKED_PENETRATION, tenths, "85 to 475 tenths of a millimetre");
        }
        return Stream.of(values())
                .filter(grade -> tenths >= grade.leastPenetration && tenths <= grade.mostPenetration)
                .findFirst();
    }

    /** Whether a pump of the workshop and a wheel bearing can do with it. */
    boolean isForWheelBearings() {
        return this == NLGI_1 || this == NLGI_2 || this == NLGI_3;
    }
}
