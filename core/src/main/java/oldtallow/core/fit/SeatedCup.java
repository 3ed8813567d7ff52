package oldtallow.core.fit;

import java.util.List;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;

/**
 * Whether a cup is home, from the gap behind it at four points.
 *
 * <p>Home: no feeler of 0.04 mm goes in anywhere. Cocked by more than 0.5 mm it is out again. Common practice.
 *
 * @param gaps at 12, 3, 6 and 9 o'clock, each 0 to 30 mm
 */
public record SeatedCup(List<Length> gaps) {

    private static final List<String> CLOCK = List.of("12", "3", "6", "9");
    /** What is measured behind a cup, in the order of {@link #gaps}. */
    public static final List<ReadingKind> GAPS =
            List.of(ReadingKind.GAP_AT_12, ReadingKind.GAP_AT_3, ReadingKind.GAP_AT_6, ReadingKind.GAP_AT_9);

    private static final double HOME_MM = 0.04;
    private static final double COCKED_MM = 0.05;
    private static final double OUT_AGAIN_MM = 0.5;
    private static final double MOST_MM = 30;

    /** What to do. */
    public enum Verdict {
        SEATED("seated all round"),
        DRIVE_ON("square, not home: drive on"),
        COCKED("cocked: tap the high side"),
        START_AGAIN("too crooked: drive it out and start again");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public SeatedCup {
        gaps = List.copyOf(gaps);
        if (gaps.size() != CLOCK.size()) {
            throw new OutOfRangeException(EnteredQuantity.GAPS, gaps.size(), "four: at 12, 3, 6 and 9 o'clock");
        }
        for (int i = 0; i < gaps.size(); i++) {
            double mm = gaps.get(i).millimetres();
            if (!(mm >= 0 && mm <= MOST_MM)) {
                throw new OutOfRangeException(GAPS.get(i), mm + " mm", "0 to 30 mm");
            }
        }
    }

    public Verdict verdict() {
        double most = most();
        double tilt = most - least();
        if (most <= HOME_MM) {
            return Verdict.SEATED;
        }
        if (tilt > OUT_AGAIN_MM) {
            return Verdict.START_AGAIN;
        }
        return tilt > COCKED_MM ? Verdict.COCKED : Verdict.DRIVE_ON;
    }

    /** What to do, with the side named. */
    public String advice() {
        return verdict() == Verdict.COCKED
                ? "tap it at " + highSide() + " o'clock"
                : verdict().words();
    }

    /** Where it stands high, by the clock: the point with the widest gap. */
    public String highSide() {
        int high = 0;
        for (int i = 1; i < gaps.size(); i++) {
            if (gaps.get(i).compareTo(gaps.get(high)) > 0) {
                high = i;
            }
        }
        return CLOCK.get(high);
    }

    private double most() {
        return gaps.stream().mapToDouble(Length::millimetres).max().orElseThrow();
    }

    private double least() {
        return gaps.stream().mapToDouble(Length::millimetres).min().orElseThrow();
    }
}
