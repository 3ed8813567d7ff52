package oldtallow.core.fastening.lock;

import java.util.Comparator;
import java.util.List;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.quantity.Turn;

/** What the numbers of stepped locks must keep to. */
final class LockNumbers {

    private LockNumbers() {}

    static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    /** Slots taken by a straight cotter: it leaves opposite to where it enters, so only an even number works. */
    static void requireEvenSlots(Quantity quantity, int slots) {
        if (!(slots >= 2 && slots <= 36) || slots % 2 != 0) {
            throw new OutOfRangeException(
                    quantity, slots, "an even number from 2 to 36: a straight cotter needs a slot on both sides");
        }
    }

    /** Angles of holes or tangs: 1 to 12 of them, distinct, each within [0, {@code period}). */
    static List<Turn> requireMarks(Quantity number, Quantity mark, List<Turn> angles, Turn period) {
        if (angles.isEmpty() || angles.size() > 12) {
            throw new OutOfRangeException(number, angles.size(), "1 to 12");
        }
        for (Turn angle : angles) {
            if (angle.isNegative() || angle.compareTo(period) >= 0) {
                throw new OutOfRangeException(
                        mark, angle.degrees() + "°", "0° or more and below " + (long) period.degrees() + "°");
            }
        }
        List<Turn> sorted = angles.stream().sorted(Comparator.naturalOrder()).toList();
        for (int i = 1; i < sorted.size(); i++) {
            if (sorted.get(i).equals(sorted.get(i - 1))) {
                throw new OutOfRangeException(
                        mark, sorted.get(i).degrees() + "° given twice", "different from the others");
            }
        }
        return List.copyOf(angles);
    }
}
