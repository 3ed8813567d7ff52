package oldtallow.core.fit.seal;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * A groove that the old seal's lip has worn into its land.
 *
 * <p>Below 0.03 mm it polishes out, to 0.25 mm a lip set beside it still seals, to 1 mm a sleeve over it does. Common practice.
 *
 * @param depth 0 to 3 mm
 * @param room by how much the seal may sit deeper or shallower in its bore, 0 or more
 */
public record WearGroove(Length depth, Length room) {

    private static final double POLISHES_MM = 0.03;
    private static final double SEALS_BESIDE_MM = 0.25;
    private static final double SLEEVE_MM = 1;
    private static final double MOST_MM = 3;
    /** Half the width of a lip's track and a little. */
    private static final double BESIDE_MM = 1.5;

    /** What to do with it. */
    public enum Remedy {
        POLISH("polish it with fine paper, round the shaft, never along it"),
        SET_BESIDE("set the new seal 1.5 mm beside the old track"),
        SLEEVE("a thin repair sleeve over the groove; the seal stays as it is"),
        SPINDLE("too deep for a sleeve: the spindle is to be renewed");

        private final String words;

        Remedy(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public WearGroove {
        if (!(depth.millimetres() >= 0 && depth.millimetres() <= MOST_MM)) {
            throw new OutOfRangeException(EnteredQuantity.DEPTH_OF_GROOVE, depth.millimetres() + " mm", "0 to 3 mm");
        }
        if (room.isNegative()) {
            throw new OutOfRangeException(EnteredQuantity.ROOM_FOR_SEAL, room.millimetres() + " mm", "0 or more");
        }
    }

    public Remedy remedy() {
        double mm = depth.millimetres();
        if (mm < POLISHES_MM) {
            return Remedy.POLISH;
        }
        if (mm <= SEALS_BESIDE_MM && room.millimetres() >= BESIDE_MM) {
            return Remedy.SET_BESIDE;
        }
        return mm <= SLEEVE_MM ? Remedy.SLEEVE : Remedy.SPINDLE;
    }
}
