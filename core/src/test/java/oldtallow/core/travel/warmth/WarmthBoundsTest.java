package oldtallow.core.travel.warmth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a hand or a thermometer can tell, the bands from both sides; common practice. */
class WarmthBoundsTest {

    @ParameterizedTest
    @CsvSource({
        "-40, COOL, FINE",
        "40, COOL, FINE",
        "40.1, WARM, FINE",
        "50, WARM, FINE",
        "50.1, HOT, WARM",
        "70, HOT, WARM",
        "70.1, TOO_HOT, TOO_HOT",
        "90, TOO_HOT, TOO_HOT",
        "90.1, TOO_HOT, STOP",
        "400, TOO_HOT, STOP"
    })
    void feelsSo(double celsius, Touch touch, HeatBand band) {
        assertThat(Felt.measured(celsius).touch()).isEqualTo(touch);
        assertThat(HeatBand.of(celsius)).isEqualTo(band);
        assertThat(celsius).isGreaterThan(band.over()).isLessThanOrEqualTo(band.most());
    }

    @Test
    void refusesWhatNoThermometerShows() {
        for (double celsius : new double[] {-40.1, 400.1, Double.NaN}) {
            assertThatThrownBy(() -> HeatBand.of(celsius)).hasMessageContaining("-40 to 400 °C");
            assertThatThrownBy(() -> new Felt(Touch.COOL, Optional.of(celsius))).hasMessageContaining("-40 to 400 °C");
            assertThatThrownBy(() -> new HubHeat(20, Optional.of(celsius))).hasMessageContaining("other side");
        }
        assertThat(new Felt(Touch.COOL, Optional.of(-40.0)).about()).isEqualTo(-40);
        assertThat(new Felt(Touch.COOL, Optional.of(400.0)).about()).isEqualTo(400);
        assertThat(new HubHeat(400, Optional.of(-40.0)).isOneSided()).isTrue();
        assertThat(new HubHeat(-40, Optional.of(400.0)).isOneSided()).isFalse();
        assertThat(reading(-40).dayCelsius()).hasValue(-40.0);
        assertThat(reading(60).dayCelsius()).hasValue(60.0);
        assertThatThrownBy(() -> reading(-40.1)).hasMessageContaining("temperature of the day");
        assertThatThrownBy(() -> reading(60.1)).hasMessageContaining("temperature of the day");
    }

    private static StopReading reading(double day) {
        return new StopReading(Instant.EPOCH, Felt.byHand(Touch.COOL), Optional.empty(), Optional.of(day));
    }

    /** Hot on both sides: too hot itself, the other side known and not 15 K cooler. */
    @ParameterizedTest
    @CsvSource({"75, 70, true", "75, 60.1, true", "75, 60, false", "70, 69, false", "95, 95, true", "75, , false"})
    void isHotOnBothSides(double hub, Double other, boolean both) {
        assertThat(new HubHeat(hub, Optional.ofNullable(other)).isHotOnBothSides())
                .isEqualTo(both);
    }
}
