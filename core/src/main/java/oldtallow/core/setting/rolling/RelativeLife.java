package oldtallow.core.setting.rolling;

import java.util.List;
import java.util.Locale;

/**
 * Life of a pair against that at another setting, and how far insides nobody has measured may move it.
 *
 * <pre>
 * rel(G, stiffer) = rel(G·1.1^1.7, assumed)      rel(G, softer) = rel(G·0.9^1.7, assumed)      G end play [mm]
 * </pre>
 *
 * Number and length of the rollers are assumed. Both a tenth more make a bearing stiffer, by Z·l^(8/9); and a stiffer one at an
 * end play is loaded as the assumed one at an end play so many times longer (the movement of a line contact goes with Q^0.9,
 * Palmgren, from memory). A rigid hub and spindle are taken besides; real ones give, so that the tight side is milder.
 *
 * @param likely with the insides assumed, 1 is alike
 * @param softer with a tenth fewer and shorter rollers
 * @param stiffer with a tenth more and longer rollers
 */
public record RelativeLife(double likely, double softer, double stiffer) {

    /** 0.9 of the movement's exponent goes with Z, 0.8 with l. */
    private static final double MOVES = 1.7;

    static final double STIFFER = Math.pow(1.1, MOVES);
    static final double SOFTER = Math.pow(0.9, MOVES);

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

    public double least() {
        return Math.min(likely, Math.min(softer, stiffer));
    }

    public double most() {
        return Math.max(likely, Math.max(softer, stiffer));
    }

    /** Against that of another setting of the same hub. */
    RelativeLife over(RelativeLife other) {
        return new RelativeLife(likely / other.likely, softer / other.softer, stiffer / other.stiffer);
    }

    /** As a mechanic would say it, in parts and not in percent: "between a third and half". */
    public String words() {
        String least = part(least());
        String most = part(most());
        if (least.equals(most)) {
            return alike(least()) ? "about the same life" : "about " + ofLife(most(), most);
        }
        return alike(least())
                ? "the same to " + ofLife(most(), most)
                : "between " + least + " and " + ofLife(most(), most);
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
        return String.format(Locale.ROOT, times == Math.rint(times) ? "%.0f times" : "%s times", times);
    }

    /** By ratio: a fifth is as far from a tenth as a tenth from a twentieth. */
    private static boolean nearer(double part, double a, double b) {
        return Math.abs(Math.log(part / a)) <= Math.abs(Math.log(part / b));
    }
}
