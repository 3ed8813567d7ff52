package oldtallow.core.setting.rolling;

import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.setting.measure.Decision;

/**
 * Rock at the tyre, pushed and pulled at one point, and the end play that makes it on this hub.
 *
 * <pre>
 * U(G) = √( (U(T) / f)² + (h / f)² + (15 % · G)² + d² )       f = T / G, of {@link TyrePlay}
 * </pre>
 *
 * <p>h, what a hand repeats at the tread, is 0.1 mm; that hub, spindle, wheel and tyre give another 15 % is this product's own
 * guess; d is what a dial indicator at the hub is out by. So a rock is never better than a dial, and never for certain.
 *
 * @param rock as read, 0 to 60 mm
 * @param readTo what the rule or indicator can be read to, 0.01 to 5 mm
 */
public record RockReading(TyrePlay tyre, Length rock, Length readTo) {

    private static final double GIVES = 0.15;
    private static final double HAND_MM = 0.1;
    /** Of one reading on an indicator of hundredths, expanded. */
    private static final double DIAL_MM = 0.025;

    /** What it points to; a dial indicator at the hub tells. */
    public enum Hint {
        INSIDE("likely inside"),
        TOO_LITTLE("likely below"),
        TOO_MUCH("likely above"),
        TOO_CLOSE("too close to tell");

        private final String words;

        Hint(String words) {
            this.words = words;
        }

        public String words() {
            return words + ": a dial indicator at the hub tells";
        }
    }

    public RockReading {
        if (!(rock.millimetres() >= 0 && rock.millimetres() <= 60)) {
            throw new OutOfRangeException(ReadingKind.ROCK, rock.millimetres() + " mm", "0 to 60 mm");
        }
        if (!(readTo.millimetres() >= 0.01 && readTo.millimetres() <= 5)) {
            throw new OutOfRangeException(EnteredQuantity.READ_TO, readTo.millimetres() + " mm", "0.01 to 5 mm");
        }
    }

    public Length endPlay() {
        return tyre.endPlay(rock);
    }

    /** Expanded, k = 2, of the end play. */
    public Length uncertainty() {
        double atTyre = Math.hypot(readTo.millimetres(), HAND_MM);
        double read = tyre.endPlay(Length.ofMillimetres(atTyre)).millimetres();
        double gives = endPlay().millimetres() * GIVES;
        return Length.ofMillimetres(Math.hypot(Math.hypot(read, gives), DIAL_MM));
    }

    public Hint points(EndPlayWindow window) {
        return switch (Decision.of(
                endPlay().millimetres(),
                uncertainty().millimetres(),
                window.least().millimetres(),
                window.usable().millimetres())) {
            case INSIDE -> Hint.INSIDE;
            case TOO_LITTLE -> Hint.TOO_LITTLE;
            case TOO_MUCH -> Hint.TOO_MUCH;
            case TOO_CLOSE -> Hint.TOO_CLOSE;
        };
    }
}
