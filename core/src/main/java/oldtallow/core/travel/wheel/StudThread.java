package oldtallow.core.travel.wheel;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * Which pitches go with which diameter: a stud of 12 mm and 4 mm pitch is a slip of the key, not a stud.
 *
 * <p>Sources: ISO 261, coarse and fine pitches; ASME B1.1, UNC, UNF and UNEF. From memory.
 */
final class StudThread {

    /** A stud is measured over its worn crests, or the nominal is typed. */
    private static final double NEAR_MM = 0.5;

    private static final double SAME_PITCH = 0.02;
    private static final double MILLIMETRES_PER_INCH = 25.4;

    private static final Map<Double, List<Double>> METRIC = new TreeMap<>(Map.ofEntries(
            Map.entry(6.0, List.of(1.0, 0.75)),
            Map.entry(7.0, List.of(1.0, 0.75)),
            Map.entry(8.0, List.of(1.25, 1.0, 0.75)),
            Map.entry(10.0, List.of(1.5, 1.25, 1.0, 0.75)),
            Map.entry(12.0, List.of(1.75, 1.5, 1.25, 1.0)),
            Map.entry(14.0, List.of(2.0, 1.5, 1.25, 1.0)),
            Map.entry(16.0, List.of(2.0, 1.5, 1.0)),
            Map.entry(18.0, List.of(2.5, 2.0, 1.5, 1.0)),
            Map.entry(20.0, List.of(2.5, 2.0, 1.5, 1.0)),
            Map.entry(22.0, List.of(2.5, 2.0, 1.5, 1.0)),
            Map.entry(24.0, List.of(3.0, 2.0, 1.5, 1.0)),
            Map.entry(27.0, List.of(3.0, 2.0, 1.5, 1.0)),
            Map.entry(30.0, List.of(3.5, 3.0, 2.0, 1.5, 1.0))));

    /** Threads per inch by diameter in inches. */
    private static final Map<Double, List<Double>> UNIFIED = new TreeMap<>(Map.ofEntries(
            Map.entry(0.25, List.of(20.0, 28.0, 32.0)),
            Map.entry(0.3125, List.of(18.0, 24.0, 32.0)),
            Map.entry(0.375, List.of(16.0, 24.0, 32.0)),
            Map.entry(0.4375, List.of(14.0, 20.0, 28.0)),
            Map.entry(0.5, List.of(13.0, 20.0, 28.0)),
            Map.entry(0.5625, List.of(12.0, 18.0, 24.0)),
            Map.entry(0.625, List.of(11.0, 18.0, 24.0)),
            Map.entry(0.75, List.of(10.0, 16.0, 20.0)),
            Map.entry(0.875, List.of(9.0, 14.0, 20.0)),
            Map.entry(1.0, List.of(8.0, 12.0, 14.0, 20.0)),
            Map.entry(1.125, List.of(7.0, 12.0, 18.0))));

    private StudThread() {}

    /** Refuses a diameter and pitch that no stud has. */
    static void require(Length diameter, Length pitch, StudLoad.Series series) {
        boolean inch = series == StudLoad.Series.UNIFIED;
        double unit = inch ? MILLIMETRES_PER_INCH : 1;
        double asked = diameter.millimetres() / unit;
        Map.Entry<Double, List<Double>> nearest = (inch ? UNIFIED : METRIC)
                .entrySet().stream()
                        .min(Comparator.comparingDouble(one -> Math.abs(one.getKey() - asked)))
                        .orElseThrow();
        if (!(Math.abs(nearest.getKey() - asked) * unit <= NEAR_MM)) {
            throw new OutOfRangeException(
                    EnteredQuantity.STUD_DIAMETER,
                    diameter.millimetres() + " mm",
                    "near a diameter that is made; the nearest is " + name(nearest.getKey(), inch));
        }
        boolean isMade = nearest.getValue().stream()
                .map(one -> inch ? MILLIMETRES_PER_INCH / one : one)
                .anyMatch(one -> Math.abs(one - pitch.millimetres()) <= SAME_PITCH * one);
        if (!isMade) {
            throw new OutOfRangeException(
                    EnteredQuantity.STUD_PITCH,
                    pitch.millimetres() + " mm",
                    nearest.getValue().stream().map(StudThread::plain).collect(Collectors.joining(", "))
                            + (inch ? " threads to the inch on " : " mm on ")
                            + name(nearest.getKey(), inch));
        }
    }

    private static String name(double diameter, boolean inch) {
        return inch ? plain(diameter) + " in" : "M" + plain(diameter);
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
    }
}
