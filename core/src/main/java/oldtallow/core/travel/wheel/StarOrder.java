package oldtallow.core.travel.wheel;

import java.util.List;
import java.util.stream.IntStream;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * In which order the nuts of a wheel are tightened, so that it is drawn up square: each as far across from the one before as
 * the circle allows.
 *
 * <p>Odd counts step nearly half round every time; even counts go straight across, then on to the pair farthest from the last
 * nut; eight step by three, 135° every time. The orders for 4, 5 and 6 nuts are the ones commonly printed (common
 * practice, from memory).
 *
 * <pre>
 * stud k of n stands at right = sin(2π·(k − 1)/n), up = cos(2π·(k − 1)/n) on a circle of radius 1
 * </pre>
 *
 * @param order numbers of the studs, which are counted round the circle from 1
 */
public record StarOrder(List<Integer> order) {

    private static final List<List<Integer>> ORDERS = List.of(
            List.of(1, 2, 3),
            List.of(1, 3, 2, 4),
            List.of(1, 3, 5, 2, 4),
            List.of(1, 4, 2, 5, 3, 6),
            List.of(1, 4, 7, 3, 6, 2, 5),
            List.of(1, 4, 7, 2, 5, 8, 3, 6),
            List.of(1, 5, 9, 4, 8, 3, 7, 2, 6),
            List.of(1, 6, 3, 8, 5, 10, 7, 2, 9, 4));

    private static final int LEAST = 3;

    public StarOrder {
        order = List.copyOf(order);
    }

    /**
     * The order for so many studs.
     *
     * @param studs 3 to 10
     */
    public static StarOrder of(int studs) {
        if (studs < LEAST || studs >= LEAST + ORDERS.size()) {
            throw new OutOfRangeException(EnteredQuantity.STUD_COUNT, studs, "3 to 10");
        }
        return new StarOrder(ORDERS.get(studs - LEAST));
    }

    public int studs() {
        return order.size();
    }

    /** Where the studs are, in their own numbering: corners of a regular polygon on a circle of radius 1, the first on top. */
    public List<Corner> corners() {
        return IntStream.range(0, studs())
                .mapToObj(i -> {
                    double angle = 2 * Math.PI * i / studs();
                    return new Corner(i + 1, Math.sin(angle), Math.cos(angle));
                })
                .toList();
    }

    /**
     * A stud on the circle.
     *
     * @param right of the middle, −1 to 1
     * @param up of the middle, −1 to 1
     */
    public record Corner(int number, double right, double up) {}

    /** The angle between two studs, the shorter way round, in degrees. */
    public double degreesBetween(int one, int other) {
        double round = 360.0 * Math.abs(one - other) / studs();
        return Math.min(round, 360 - round);
    }
}
