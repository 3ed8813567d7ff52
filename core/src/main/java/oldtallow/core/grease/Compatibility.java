package oldtallow.core.grease;

import java.util.List;

/**
 * Whether two greases may meet in a hub.
 *
 * <p>Base oils first: polyglycol, silicone and perfluorinated oils mix with nothing else (common practice). Then the thickeners:
 * pairs by the chart widely reprinted in grease literature (from memory); makers' charts disagree, and only a test by ASTM
 * D6185 settles a pair. Sodium stands in no such chart and is taken to go with nothing.
 *
 * @param verdict of the pair
 * @param action what follows for the hub
 * @param confidence in words
 */
public record Compatibility(Verdict verdict, Action action, String confidence) {

    private static final String CHART = "usual chart, from memory; makers' charts differ";

    /** In the order of {@link Thickener}: C compatible, B borderline, I incompatible. */
    private static final List<String> ROWS = List.of(
            "CIICIBIIICIC",
            "ICICICIIIIIB",
            "IICCICCCBCIC",
            "CCCCBBCCCCIC",
            "IIIBCIIIICCC",
            "BCCBICIBBCIC",
            "IICCIICIIIIB",
            "IICCIBICCCIC",
            "IIBCIBICCCIC",
            "CICCCCICCCIC",
            "IIIICIIIIICC",
            "CBCCCCBCCCCC");

    /** How a pair goes. */
    public enum Verdict {
        COMPATIBLE("go together"),
        BORDERLINE("borderline: soften or harden by chance"),
        INCOMPATIBLE("do not go together: the mixture runs out or sets"),
        UNKNOWN("nobody knows what the old one is");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What to do with the old grease. */
    public enum Action {
        MIX("wipe out what comes, the rest may mix"),
        PURGE("push all of the old through until only the new colour comes"),
        CLEAN_OUT("wash cones, cups and hub until nothing of the old is left");

        private final String words;

        Action(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static Compatibility of(GreaseMake old, GreaseMake fresh) {
        if (old.oil() == fresh.oil() && old.oil() != BaseOil.OTHER) {
            return of(old.thickener(), fresh.thickener());
        }
        if (!old.oil().keepsApart() && !fresh.oil().keepsApart()) {
            return of(old.thickener(), fresh.thickener());
        }
        BaseOil apart = fresh.oil().keepsApart() ? fresh.oil() : old.oil();
        BaseOil other = apart == fresh.oil() ? old.oil() : fresh.oil();
        return other == BaseOil.NOT_SAID || apart == BaseOil.OTHER
                ? new Compatibility(
                        Verdict.UNKNOWN,
                        Action.CLEAN_OUT,
                        apart.words() + " mixes with nothing else, and " + other.words() + ": clean out")
                : new Compatibility(
                        Verdict.INCOMPATIBLE,
                        Action.CLEAN_OUT,
                        "base oils first: " + apart.words() + " does not mix with " + other.words());
    }

    /** By the thickeners alone, base oils taken to mix. */
    public static Compatibility of(Thickener old, Thickener fresh) {
        if (old == Thickener.UNKNOWN || fresh == Thickener.UNKNOWN) {
            return new Compatibility(Verdict.UNKNOWN, Action.CLEAN_OUT, "no record: clean out");
        }
        if (old == fresh) {
            return new Compatibility(Verdict.COMPATIBLE, Action.MIX, "the same thickener; additives may still differ");
        }
        if (old == Thickener.SODIUM || fresh == Thickener.SODIUM) {
            return new Compatibility(
                    Verdict.INCOMPATIBLE, Action.CLEAN_OUT, "sodium stands in no chart; taken to go with nothing");
        }
        return switch (letter(old, fresh)) {
            case 'C' -> new Compatibility(Verdict.COMPATIBLE, Action.MIX, CHART);
            case 'B' -> new Compatibility(Verdict.BORDERLINE, Action.PURGE, CHART);
            default -> new Compatibility(Verdict.INCOMPATIBLE, Action.CLEAN_OUT, CHART);
        };
    }

    private static char letter(Thickener a, Thickener b) {
        List<Thickener> order = List.of(Thickener.values());
        return ROWS.get(order.indexOf(a)).charAt(order.indexOf(b));
    }
}
