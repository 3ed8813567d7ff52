package oldtallow.core.fit;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * A cone on its seat. It must slip, so that the nut can set it, and not so much that it creeps.
 *
 * <p>Bands: slip to 40 µm of clearance, creep to 100 µm, worn above; a few µm tight still slips by hand pressure (g6 gives 3 µm
 * tight to 20 µm loose on 30 mm, ISO 286, from memory). Common practice.
 *
 * @param least clearance that may be, below zero tight
 * @param most clearance that may be
 */
public record ConeFit(SizeRange bore, SizeRange seat, Length least, Length most) {

    private static final double TIGHT_MICROMETRES = -5;
    private static final double SLIPS_MICROMETRES = 40;
    private static final double CREEPS_MICROMETRES = 100;
    private static final double WRONG_MICROMETRES = 1000;

    /** How it goes on. */
    public enum Verdict {
        WRONG_CONE("the wrong cone, or the wrong seat measured"),
        TIGHT("tight: the nut cannot set it; dress the seat, never force it"),
        SLIPS("slips: the nut can set it"),
        CREEPS("loose: it creeps and marks the seat; watch it"),
        WORN("the seat is worn: spindle or axle to be renewed or sleeved by a machine shop");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static ConeFit of(SizeRange bore, SizeRange seat) {
        if (seat.middle().millimetres() < 5 || seat.middle().millimetres() > 250) {
            throw new OutOfRangeException(
                    EnteredQuantity.SEAT_DIAMETER, seat.middle().millimetres() + " mm", "5 to 250 mm");
        }
        return new ConeFit(
                bore, seat, bore.least().minus(seat.most()), bore.most().minus(seat.least()));
    }

    public Length clearance() {
        return bore.middle().minus(seat.middle());
    }

    public Verdict verdict() {
        return verdict(clearance());
    }

    /** Whether the doubt of both sizes leaves the verdict open. */
    public boolean isOpen() {
        return verdict(least) != verdict() || verdict(most) != verdict();
    }

    private static Verdict verdict(Length clearance) {
        double micrometres = clearance.micrometres();
        if (Math.abs(micrometres) > WRONG_MICROMETRES) {
            return Verdict.WRONG_CONE;
        }
        if (micrometres < TIGHT_MICROMETRES) {
            return Verdict.TIGHT;
        }
        return micrometres <= SLIPS_MICROMETRES
                ? Verdict.SLIPS
                : micrometres <= CREEPS_MICROMETRES ? Verdict.CREEPS : Verdict.WORN;
    }
}
