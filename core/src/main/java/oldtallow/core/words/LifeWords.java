package oldtallow.core.words;

import java.util.List;
import oldtallow.core.quantity.Digits;
import oldtallow.core.setting.rolling.RelativeLife;

/** A bearing's life against another's as a mechanic would say it, in parts and not in percent. */
public final class LifeWords {

    /** Nearer to one than this nobody can tell. */
    private static final double ALIKE = 0.1;

    private record Named(double part, String words) {}

    private static final List<Named> PARTS = List.of(
            new Named(0.05, "a twentieth"),
            new Named(0.1, "a tenth"),
            new Named(0.2, "a fifth"),
            new Named(1.0 / 3, "a third"),
            new Named(0.5, "half"),
            new Named(2.0 / 3, "two thirds"),
            new Named(0.8, "four fifths"));
    private static final List<Double> TIMES = List.of(1.25, 1.5, 2.0, 3.0, 5.0, 10.0);

    private LifeWords() {}

    /** "between a third and half of the life". */
    public static String of(RelativeLife life) {
        String least = part(life.least());
        String most = part(life.most());
        if (least.equals(most)) {
            return alike(life.least()) ? "about the same life" : "about " + ofLife(life.most(), most);
        }
        return alike(life.least())
                ? "the same to " + ofLife(life.most(), most)
                : "between " + least + " and " + ofLife(life.most(), most);
    }

    private static String ofLife(double part, String words) {
        return part > 1 && !alike(part) ? words + " the life" : words + " of the life";
    }

    private static boolean alike(double part) {
        return Math.abs(part - 1) <= ALIKE;
    }

    private static String part(double part) {
        if (alike(part)) {
            return "all";
        }
        if (part < 1) {
            return PARTS.stream()
                    .reduce((a, b) -> nearer(part, a.part, b.part) ? a : b)
                    .map(Named::words)
                    .orElseThrow();
        }
        double times =
                TIMES.stream().reduce((a, b) -> nearer(part, a, b) ? a : b).orElseThrow();
        if (times == 2) {
            return "twice";
        }
        return (times == Math.rint(times) ? Digits.fixed(times, 0) : Double.toString(times)) + " times";
    }

    /** By ratio: a fifth is as far from a tenth as a tenth from a twentieth. */
    private static boolean nearer(double part, double a, double b) {
        return apart(part, a) <= apart(part, b);
    }

    private static double apart(double a, double b) {
        return Math.max(a / b, b / a);
    }
}
