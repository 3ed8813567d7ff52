package oldtallow.core.bearing.identify;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Regular polygons: side = D·sin(π/n). Closed forms for 3, 4, 6 and 8 studs from geometry texts. */
class StudCircleTest {

    @ParameterizedTest
    @CsvSource({
        "3, 86.60254038, 100", // s = D·√3/2
        "4, 70.71067812, 100", // s = D/√2
        "6, 69.85, 139.7", // a hexagon's side is its radius
        "8, 38.26834324, 100" // s = D·√(2 − √2)/2
    })
    void matchesTheClosedForms(int studs, double side, double circle) {
        StudCircle found = StudCircle.fromNeighbours(studs, Length.ofMillimetres(side));

        assertThat(found.diameter().millimetres()).isCloseTo(circle, within(1e-6));
        assertThat(found.neighbourDistance().millimetres()).isCloseTo(side, within(1e-9));
    }

    /** Pentagon: s = D·√(10 − 2√5)/4. */
    @Test
    void matchesThePentagon() {
        double side = 114.3 * Math.sqrt(10 - 2 * Math.sqrt(5)) / 4;

        assertThat(StudCircle.fromNeighbours(5, Length.ofMillimetres(side))
                        .diameter()
                        .millimetres())
                .isCloseTo(114.3, within(1e-9));
    }

    /** 5 studs on 4 1/2 in are usual on 2000 to 3500 lb axles: common practice, a hint. */
    @Test
    void hintsAtTheHubsUsualWithThoseStuds() {
        var circle = StudCircle.fromNeighbours(5, Length.ofInches(2.645));

        assertThat(UsualHub.withStuds(circle)).containsExactly(UsualHub.LB_2000_2500, UsualHub.LB_3500);
        assertThat(UsualHub.withStuds(new StudCircle(5, Length.ofMillimetres(140))))
                .isEmpty();
    }

    @Test
    void anErrorInTheDistanceGrowsWithTheNumberOfStuds() {
        var four = new StudCircle(4, Length.ofMillimetres(100));
        var eight = new StudCircle(8, Length.ofMillimetres(100));

        assertThat(four.uncertainty(SizeGauge.TAPE).micrometres()).isCloseTo(707.1, within(0.1));
        assertThat(eight.uncertainty(SizeGauge.TAPE)).isGreaterThan(four.uncertainty(SizeGauge.TAPE));
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 13, -5})
    void refusesStudCountsNoHubHas(int studs) {
        assertThatThrownBy(() -> StudCircle.fromNeighbours(studs, Length.ofMillimetres(70)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("stud count");
    }

    @Test
    void refusesCirclesNoWheelHas() {
        assertThatThrownBy(() -> StudCircle.fromNeighbours(4, Length.ofMillimetres(10)))
                .hasMessageContaining("stud circle");
        assertThatThrownBy(() -> StudCircle.fromNeighbours(4, Length.ofMillimetres(600)))
                .hasMessageContaining("stud circle");
    }
}
