package oldtallow.core.setting.measure;

import java.util.List;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;

/**
 * End play read on a dial indicator, several times: pushed and pulled while the hub is turned to and fro.
 *
 * <pre>
 * end play = mean of the readings − slack
 * U = 2·√( s²/n + e²/3 + g²/6 + (slack ≠ 0)·g²/12 )
 *
 * s  spread of a single reading, its own readings pooled with what a steady hand repeats     n  readings
 * g  graduation, rounded twice, at the push and at the pull      e  error of the indicator over so short a way
 * </pre>
 *
 * <p>Readings that lie farther apart than a steady hand's would 19 times of 20 (χ²) are not pooled with it: their own spread
 * counts, times Student's t, and they are said to disagree.
 *
 * <p>Source of the method: JCGM 100:2008 (GUM), types A and B, k = 2, from memory. That an indicator errs by no more than
 * a graduation over a few turns of its hand is common practice; what a steady hand repeats (10 µm) is this product's own.
 *
 * @param readings 1 to 20, each 0 to 5 mm
 * @param slack what the contact or the stand gives before the hub moves, 0 to 1 mm and below every reading
 * @param graduation of the indicator, 0.001 to 0.1 mm
 */
public record DialReadings(List<Length> readings, Length slack, Length graduation) {

    /** A hundredth: what most shops have. */
    public static final Length USUAL_GRADUATION = Length.ofMillimetres(0.01);

    private static final int MOST_READINGS = 20;
    /** Standard deviation of a single reading of a steady hand, mm, and how many readings that knowledge is worth. */
    private static final double STEADY_HAND = 0.010;

    private static final int STEADY_HAND_WORTH = 10;
    private static final double COVERAGE = 2;

    public DialReadings {
        readings = List.copyOf(readings);
        if (readings.isEmpty() || readings.size() > MOST_READINGS) {
            throw new OutOfRangeException(EnteredQuantity.NUMBER_OF_READINGS, readings.size(), "1 to " + MOST_READINGS);
        }
        for (Length one : readings) {
            if (!(one.millimetres() >= 0 && one.millimetres() <= 5)) {
                throw new OutOfRangeException(
                        ReadingKind.END_PLAY, one.millimetres() + " mm", "0 to 5 mm (0 to 197 thou)");
            }
            if (slack.compareTo(one) > 0) {
                throw new OutOfRangeException(
                        EnteredQuantity.CONTACT_SLACK,
                        slack.millimetres() + " mm",
                        "no more than the smallest reading");
            }
        }
        if (!(slack.millimetres() >= 0 && slack.millimetres() <= 1)) {
            throw new OutOfRangeException(EnteredQuantity.CONTACT_SLACK, slack.millimetres() + " mm", "0 to 1 mm");
        }
        if (!(graduation.millimetres() >= 0.001 && graduation.millimetres() <= 0.1)) {
            throw new OutOfRangeException(
                    EnteredQuantity.GRADUATION_OF_INDICATOR, graduation.millimetres() + " mm", "0.001 to 0.1 mm");
        }
    }

    public Length endPlay() {
        return Length.ofMillimetres(mean()).minus(slack);
    }

    /** Largest less smallest. */
    public Length spread() {
        return readings.stream()
                .max(Length::compareTo)
                .orElseThrow()
                .minus(readings.stream().min(Length::compareTo).orElseThrow());
    }

    /** Whether they lie farther apart than a steady hand's: something moves besides the bearings. */
    public boolean disagree() {
        int own = readings.size() - 1;
        return own > 0 && squares() > FewReadings.chiSquare(own) * STEADY_HAND * STEADY_HAND;
    }

    /** Expanded: 95 %. */
    public Length uncertainty() {
        return Length.ofMillimetres(uncertainty(readings.size(), graduation.millimetres()));
    }

    /** What the readings prove of what may be used; {@link EndPlayWindow#judge} tells the grade. */
    public Decision decide(EndPlayWindow window) {
        return Decision.of(
                endPlay().millimetres(),
                uncertainty().millimetres(),
                window.least().millimetres(),
                window.usable().millimetres());
    }

    /**
     * With so many readings of the same spread on an indicator of so fine a graduation; expanded, mm.
     *
     * @param number 1 or more
     */
    double uncertainty(int number, double graduationMillimetres) {
        double g2 = graduationMillimetres * graduationMillimetres;
        double hand = handCoverage(number) * single() / Math.sqrt(number);
        double indicator = g2 / 3;
        double rounding = g2 / 6;
        double ofSlack = slack.compareTo(Length.ZERO) > 0 ? g2 / 12 : 0;
        return Math.hypot(hand, COVERAGE * Math.sqrt(indicator + rounding + ofSlack));
    }

    private double handCoverage(int number) {
        return disagree() ? FewReadings.student(Math.min(number - 1, FewReadings.MOST_FREE)) : COVERAGE;
    }

    /** Standard deviation of one reading, mm. */
    double single() {
        int own = readings.size() - 1;
        return disagree()
                ? Math.sqrt(squares() / own)
                : Math.sqrt((STEADY_HAND_WORTH * STEADY_HAND * STEADY_HAND + squares()) / (STEADY_HAND_WORTH + own));
    }

    private double squares() {
        double mean = mean();
        return readings.stream()
                .mapToDouble(one -> (one.millimetres() - mean) * (one.millimetres() - mean))
                .sum();
    }

    private double mean() {
        return readings.stream().mapToDouble(Length::millimetres).average().orElseThrow();
    }
}
