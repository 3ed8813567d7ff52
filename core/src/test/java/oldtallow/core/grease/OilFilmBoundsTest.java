package oldtallow.core.grease;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oldtallow.core.grease.OilFilm.Carries;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where the figures of an oil film end, from both sides. */
class OilFilmBoundsTest {

    private static final Length MEAN = Length.ofMillimetres(50);
    private static final Length RADIUS = Length.ofMillimetres(330);

    @ParameterizedTest
    @CsvSource({
        "4.99, 1.2, viscosity at 40",
        "2000.1, 100, viscosity at 40",
        "150, 0.99, viscosity at 100",
        "150, 150, viscosity at 100"
    })
    void refusesOilsNobodyMakes(double at40, double at100, String named) {
        assertThatThrownBy(() -> new OilFilm(at40, at100))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining(named);
    }

    @Test
    void takesTheEndsOfEachRange() {
        assertThat(List.of(new OilFilm(5, 1), new OilFilm(2000, 1999))).hasSize(2);
        var oil = new OilFilm(150, 14.5);
        assertThat(oil.viscosity(-40)).isGreaterThan(oil.viscosity(200));
        assertThatThrownBy(() -> oil.viscosity(-40.1)).hasMessageContaining("hub temperature");
        assertThatThrownBy(() -> oil.viscosity(200.1)).hasMessageContaining("hub temperature");
        assertThat(OilFilm.needed(20_000, MEAN)).isCloseTo(4.5, within(1e-9));
        assertThatThrownBy(() -> OilFilm.needed(20_001, MEAN)).hasMessageContaining("20,000");
        assertThatThrownBy(() -> OilFilm.needed(0, MEAN)).hasMessageContaining("speed");
        assertThat(OilFilm.wheelTurns(250, RADIUS)).isPositive();
        assertThatThrownBy(() -> OilFilm.wheelTurns(250.1, RADIUS)).hasMessageContaining("250 km/h");
        assertThatThrownBy(() -> OilFilm.wheelTurns(0, RADIUS)).hasMessageContaining("speed");
        assertThat(OilFilm.wheelTurns(60, Length.ofMillimetres(50))).isCloseTo(10_000 / Math.PI, within(1e-9));
        assertThat(OilFilm.wheelTurns(60, Length.ofMillimetres(1000))).isCloseTo(500 / Math.PI, within(1e-9));
        assertThatThrownBy(() -> OilFilm.wheelTurns(60, Length.ofMillimetres(49.9)))
                .hasMessageContaining("rolling radius");
        assertThatThrownBy(() -> OilFilm.wheelTurns(60, Length.ofMillimetres(1000.1)))
                .hasMessageContaining("rolling radius");
    }

    /** κ of 0.4, 1 and 4 as in ISO 281 (from memory). */
    @ParameterizedTest
    @CsvSource({"0.39, HARDLY", "0.4, PARTLY", "0.99, PARTLY", "1, WELL", "3.99, WELL", "4, FULLY", "100, FULLY"})
    void carriesByKappa(double kappa, Carries carries) {
        assertThat(Carries.of(kappa)).isEqualTo(carries);
    }
}
