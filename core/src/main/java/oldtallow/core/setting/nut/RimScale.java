package oldtallow.core.setting.nut;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.quantity.Length;

/**
 * End play written round the nut: the two scales of the dial's rim.
 *
 * @param millimetres ticks every 0.05 mm, the even ones labelled
 * @param thousandths ticks every thou, each fifth labelled
 */
public record RimScale(List<Tick> millimetres, List<Tick> thousandths) {

    /** How far round the rim it is written; past a third of a turn no wheel end may stop. */
    private static final double DEGREES_WRITTEN = 120;

    /**
     * A tick.
     *
     * @param degrees of nut from where it stands, positive looser
     * @param number end play in the scale's own unit
     * @param labelled whether its number is written
     */
    public record Tick(double degrees, double number, boolean labelled) {}

    /** From zero play on, seen from where the nut of this case stands. */
    public static RimScale of(NutCase nutCase) {
        List<Tick> millimetres = new ArrayList<>();
        List<Tick> thousandths = new ArrayList<>();
        for (int i = 0; written(nutCase, Length.ofMillimetres(0.05 * i)); i++) {
            Length play = Length.ofMillimetres(0.05 * i);
            millimetres.add(new Tick(nutCase.degreesTo(play), i / 20.0, i % 2 == 0));
        }
        for (int i = 0; written(nutCase, Length.ofThousandths(i)); i++) {
            thousandths.add(new Tick(nutCase.degreesTo(Length.ofThousandths(i)), i, i % 5 == 0));
        }
        return new RimScale(List.copyOf(millimetres), List.copyOf(thousandths));
    }

    private static boolean written(NutCase nutCase, Length play) {
        return nutCase.thread().degreesFor(play) <= DEGREES_WRITTEN;
    }
}
