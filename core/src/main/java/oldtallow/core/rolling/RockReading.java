package oldtallow.core.rolling;

import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.measure.Decision;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * Rock at the tyre, pushed and pulled at one point, and the end play that makes it on this hub.
 *
 * <pre>
 * U(G) = √( (U(T) / f)² + (G · 15 %)² )       f = T / G, of {@link TyrePlay}
 * </pre>
 *
 * <p>That hub, spindle and tyre give another 15 % is this product's own guess.
 *
 * @param rock as read, 0 to 60 mm
 * @param readTo what the rule or indicator can be read to, 0.01 to 5 mm
 */
public record RockReading(TyrePlay tyre, Length rock, Length readTo) {

    private static final double GIVES = 0.15;

    public RockReading {
        if (!(rock.millimetres() >= 0 && rock.millimetres() <= 60)) {
            throw new OutOfRangeException("rock at the tyre", rock.millimetres() + " mm", "0 to 60 mm");
        }
        if (!(readTo.millimetres() >= 0.01 && readTo.millimetres() <= 5)) {
            throw new OutOfRangeException("what it is read to", readTo.millimetres() + " mm", "0.01 to 5 mm");
        }
    }

    public Length endPlay() {
        return tyre.endPlay(rock);
    }

    /** Expanded, k = 2, of the end play. */
    public Length uncertainty() {
        double read = tyre.endPlay(readTo).millimetres();
        double gives = endPlay().millimetres() * GIVES;
        return Length.ofMillimetres(Math.hypot(read, gives));
    }

    public Decision decide(EndPlayWindow window) {
        return Decision.of(
                endPlay().millimetres(),
                uncertainty().millimetres(),
                window.least().millimetres(),
                window.most().millimetres());
    }
}
