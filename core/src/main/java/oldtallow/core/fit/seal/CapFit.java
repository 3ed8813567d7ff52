package oldtallow.core.fit.seal;

import oldtallow.core.fit.SizeRange;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * How a pressed-in cap holds in the hub's cap bore: 0.05 to 0.40 mm larger than the bore. Common practice.
 *
 * @param interference of the middles, negative where the cap is smaller
 */
public record CapFit(Length interference, Verdict verdict) {

    private static final Length LEAST = Length.ofMillimetres(0.05);
    private static final Length MOST = Length.ofMillimetres(0.40);
    private static final double WRONG_CAP_MM = 2;

    /** How it goes. */
    public enum Verdict {
        FALLS_OFF("too small: it falls off on the road"),
        HOLDS("holds"),
        BUCKLES("too large: it buckles going in");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The doubt of both readings passes a cap that may be right. */
    public static CapFit of(SizeRange cap, SizeRange bore) {
        Length over = cap.middle().minus(bore.middle());
        if (Math.abs(over.millimetres()) > WRONG_CAP_MM) {
            throw new OutOfRangeException(
                    EnteredQuantity.CAPS_OUTSIDE_DIAMETER,
                    cap.middle().millimetres() + " mm",
                    "within 2 mm of its bore; this is another cap, or a slip of the key");
        }
        if (cap.most().minus(bore.least()).compareTo(LEAST) < 0) {
            return new CapFit(over, Verdict.FALLS_OFF);
        }
        boolean tooLarge = cap.least().minus(bore.most()).compareTo(MOST) > 0;
        return new CapFit(over, tooLarge ? Verdict.BUCKLES : Verdict.HOLDS);
    }

    /** Which cap to ask for: its outside diameter, for a bore. */
    public static SizeRange wanted(Length bore) {
        return new SizeRange(bore.plus(LEAST), bore.plus(MOST));
    }
}
