package oldtallow.core.travel.wheel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import oldtallow.core.bearing.identify.StudCircle;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class StarOrderTest {

    /** As commonly printed: common practice, from memory. */
    @ParameterizedTest
    @CsvSource({"4, 1-3-2-4", "5, 1-3-5-2-4", "6, 1-4-2-5-3-6"})
    void matchesTheOrdersCommonlyPrinted(int studs, String printed) {
        assertThat(StarOrder.of(studs).order().stream().map(String::valueOf).toList())
                .isEqualTo(List.of(printed.split("-", -1)));
    }

    /** Each nut once; never the neighbour next; at least a quarter round, a third for three, five and six studs, 135° for eight. */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6, 7, 8, 9, 10})
    void goesAcrossTheWheel(int studs) {
        StarOrder star = StarOrder.of(studs);
        double least = studs == 8 ? 135 : studs == 3 || studs == 5 || studs == 6 ? 120 : 90;

        assertThat(star.order())
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.rangeClosed(1, studs).boxed().toList());
        for (int i = 1; i < studs; i++) {
            assertThat(star.degreesBetween(star.order().get(i - 1), star.order().get(i)))
                    .as("nut %d after %d", star.order().get(i), star.order().get(i - 1))
                    .isGreaterThanOrEqualTo(least - 1e-9);
        }
    }

    /** Side of a regular polygon in a circle: s = D sin(π/n), any geometry text; the stud circle reckons it the other way. */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6, 7, 8, 9, 10})
    void drawsARegularPolygon(int studs) {
        List<StarOrder.Corner> corners = StarOrder.of(studs).corners();
        double expected = StudCircle.fromNeighbours(studs, Length.ofMillimetres(100))
                .diameter()
                .millimetres();
        for (int i = 0; i < studs; i++) {
            StarOrder.Corner one = corners.get(i);
            StarOrder.Corner next = corners.get((i + 1) % studs);
            double side = Math.hypot(one.right() - next.right(), one.up() - next.up());
            assertThat(2 * 100 / side).isCloseTo(expected, within(1e-9));
        }
        assertThat(corners.getFirst()).isEqualTo(new StarOrder.Corner(1, 0, 1));
    }

    @Test
    void refusesWheelsNobodyMakes() {
        assertThatThrownBy(() -> StarOrder.of(2)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> StarOrder.of(11)).isInstanceOf(OutOfRangeException.class);
    }
}
