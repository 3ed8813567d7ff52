package oldtallow.core.travel.wheel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.travel.wheel.StudLoad.Series;
import oldtallow.core.travel.wheel.StudLoad.Surface;
import oldtallow.core.travel.wheel.StudLoad.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Studs that are made, where they stretch, and the star by geometry. */
class StudBoundsTest {

    /** Diameters and pitches as ISO 261 and ASME B1.1 have them (from memory); a worn crest may be half a millimetre down. */
    @ParameterizedTest
    @CsvSource({
        "METRIC, 6, 1",
        "METRIC, 30, 3.5",
        "METRIC, 11.5, 1.5",
        "METRIC, 12.5, 1.5",
        "METRIC, 12, 1.529",
        "METRIC, 12, 1.471",
        "UNIFIED, 12.7, 1.27",
        "UNIFIED, 12.21, 1.27",
        "UNIFIED, 28.575, 2.1167"
    })
    void takesStudsThatAreMade(Series series, double diameter, double pitch) {
        assertThat(stud(series, diameter, pitch).diameter().millimetres()).isEqualTo(diameter);
    }

    @ParameterizedTest
    @CsvSource({
        "METRIC, 5.99, 1, stud diameter",
        "METRIC, 30.01, 3.5, stud diameter",
        "METRIC, 12, 0.49, stud pitch",
        "METRIC, 12, 4.01, stud pitch",
        "METRIC, 12.51, 1.5, near a diameter",
        "METRIC, 12, 1.54, stud pitch",
        "METRIC, 12, 1.46, stud pitch",
        "UNIFIED, 12.18, 1.27, near a diameter",
        "UNIFIED, 12.7, 1.30, stud pitch"
    })
    void refusesStudsThatAreNot(Series series, double diameter, double pitch, String named) {
        assertThatThrownBy(() -> stud(series, diameter, pitch)).hasMessageContaining(named);
    }

    /** ISO 898-1: 8.8 is 580 N/mm² to 16 mm, 600 above; the other classes do not change. From memory. */
    @ParameterizedTest
    @CsvSource({
        "CLASS_8_8, 16, 580",
        "CLASS_8_8, 16.01, 600",
        "CLASS_10_9, 12, 830",
        "CLASS_10_9, 20, 830",
        "CLASS_12_9, 12, 970",
        "CLASS_12_9, 24, 970"
    })
    void proofStress(PropertyClass of, double diameter, double megapascals) {
        assertThat(of.proofMegapascals(Length.ofMillimetres(diameter))).isEqualTo(megapascals);
    }

    /** M12 × 1.5, dry, 8.8: 88.13 mm² · 580 = 51.1 kN at 122.7 N·m; nine tenths of it at 110.4. */
    @ParameterizedTest
    @CsvSource({"110, HOLDS", "111, STRETCHES", "122, STRETCHES", "123, YIELDS"})
    void stretchesFromNineTenthsOn(double newtonMetres, Verdict verdict) {
        assertThat(stud(Series.METRIC, 12, 1.5).verdict(Torque.ofNewtonMetres(newtonMetres), PropertyClass.CLASS_8_8))
                .isEqualTo(verdict);
    }

    @Test
    void classesOfEachSeries() {
        assertThat(Series.METRIC.classes())
                .containsExactly(PropertyClass.CLASS_8_8, PropertyClass.CLASS_10_9, PropertyClass.CLASS_12_9);
        assertThat(Series.UNIFIED.classes()).containsExactly(PropertyClass.GRADE_5, PropertyClass.GRADE_8);
    }

    /**
     * The star by geometry, not by what the code says: every stud once, and no order of as many studs whose nearest following pair
     * lies farther apart on the circle. All orders are tried.
     */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6, 7, 8})
    void goesAsFarAcrossAsAnyOrderCan(int studs) {
        List<Integer> order = StarOrder.of(studs).order();

        assertThat(order)
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.rangeClosed(1, studs).boxed().toList());
        assertThat(least(order, studs)).isCloseTo(best(studs), within(1e-9));
    }

    private static double least(List<Integer> order, int studs) {
        double least = 360;
        for (int i = 1; i < order.size(); i++) {
            least = Math.min(least, apart(order.get(i - 1), order.get(i), studs));
        }
        return least;
    }

    private static double apart(int a, int b, int studs) {
        double degrees = Math.abs(a - b) * 360.0 / studs;
        return Math.min(degrees, 360 - degrees);
    }

    /** Of all orders that begin at the first stud. */
    private static double best(int studs) {
        return best(studs, 1, 1, 360);
    }

    private static double best(int studs, int last, int taken, double least) {
        if (Integer.bitCount(taken) == studs) {
            return least;
        }
        double best = 0;
        for (int next = 2; next <= studs; next++) {
            if ((taken & 1 << (next - 1)) == 0) {
                double reached = Math.min(least, apart(last, next, studs));
                if (reached > best) {
                    best = Math.max(best, best(studs, next, taken | 1 << (next - 1), reached));
                }
            }
        }
        return best;
    }

    private static StudLoad stud(Series series, double diameter, double pitch) {
        return new StudLoad(Length.ofMillimetres(diameter), Length.ofMillimetres(pitch), series, Surface.DRY);
    }
}
