package oldtallow.core.setting.measure;

import java.util.List;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.Torque;

/**
 * Drag by a spring scale at a stud, pulled square to the spoke while the hub turns steadily; the start is always higher.
 *
 * <pre>
 * M = (mean pull − pull with the nut loose) · r     U(M) = r·√( (t·s)²/n + 4·(2 % · F)² + 4·(2 % · F0)² )
 * </pre>
 *
 * <p>Method: JCGM 100:2008 from memory, t Student's for n − 1; that a spring scale is good to 4 % (2 % at k = 1), and that a
 * single pull repeats to 5 % (k = 1), is common practice.
 *
 * @param pulls 1 to 20, each 0 to 300 N
 * @param radius from the spindle's middle to the stud, 20 to 1000 mm
 * @param withNutLoose the seal's own, before the nut was set; 0 to 300 N, no more than now
 */
public record DragReading(List<Force> pulls, Length radius, Force withNutLoose) {

    private static final double MOST_PULL = 300;
    private static final double SCALE = 0.02;
    private static final double SINGLE_PULL = 0.05;
    private static final double COVERAGE = 2;

    public DragReading {
        pulls = List.copyOf(pulls);
        if (pulls.isEmpty() || pulls.size() > 20) {
            throw new OutOfRangeException(EnteredQuantity.NUMBER_OF_PULLS, pulls.size(), "1 to 20");
        }
        pulls.forEach(pull -> requirePull(ReadingKind.ROLLING_DRAG, pull));
        requirePull(ReadingKind.DRAG_WITH_NUT_LOOSE, withNutLoose);
        double mean = pulls.stream().mapToDouble(Force::newtons).average().orElseThrow();
        if (withNutLoose.newtons() > mean) {
            throw new OutOfRangeException(
                    ReadingKind.DRAG_WITH_NUT_LOOSE,
                    withNutLoose.newtons() + " N",
                    "no more than the mean pull now, " + Math.round(mean * 10) / 10.0 + " N: pull both again");
        }
        if (!(radius.millimetres() >= 20 && radius.millimetres() <= 1000)) {
            throw new OutOfRangeException(
                    EnteredQuantity.RADIUS_OF_STUD,
                    radius.millimetres() + " mm",
                    "20 to 1000 mm, half the stud circle");
        }
    }

    /** Of the bearings alone. */
    public Torque rolling() {
        return Torque.ofNewtonMetres((mean() - withNutLoose.newtons()) * radius.metres());
    }

    /** Expanded: 95 %. */
    public Torque uncertainty() {
        double mean = mean();
        int n = pulls.size();
        double squares = pulls.stream()
                .mapToDouble(pull -> (pull.newtons() - mean) * (pull.newtons() - mean))
                .sum();
        double scatter =
                n > 1 ? FewReadings.student(n - 1) * Math.sqrt(squares / (n - 1) / n) : COVERAGE * SINGLE_PULL * mean;
        double scale = COVERAGE * SCALE * Math.hypot(mean, withNutLoose.newtons());
        return Torque.ofNewtonMetres(radius.metres() * Math.hypot(scatter, scale));
    }

    private double mean() {
        return pulls.stream().mapToDouble(Force::newtons).average().orElseThrow();
    }

    private static void requirePull(Quantity quantity, Force pull) {
        if (!(pull.newtons() >= 0 && pull.newtons() <= MOST_PULL)) {
            throw new OutOfRangeException(quantity, pull.newtons() + " N", "0 to 300 N (0 to 67 lbf)");
        }
    }
}
