package oldtallow.core.travel.trip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where the hubs are felt: 15 km after setting off, every 250 km, at each leg's end. Common practice. */
class TripBoundsTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

    /** Legs by their kilometres; stops as leg:kilometre, worked by hand. */
    @ParameterizedTest
    @CsvSource({
        "15, 0:15",
        "14, 0:14",
        "16, 0:15 0:16",
        "100, 0:15 0:100",
        // 265 is a quarter of a thousand after the first; a stop there and then the end
        "265, 0:15 0:265",
        "266, 0:15 0:265 0:266",
        "600, 0:15 0:265 0:515 0:600",
        // each leg counts from its own start: the end of the one before was a stop
        "100 100, 0:15 0:100 1:100",
        "100 251, 0:15 0:100 1:250 1:251",
        "100 250, 0:15 0:100 1:250",
        // nowhere to stop on a leg that is none
        "10 0 300, 0:10 2:15 2:265 2:300",
        // within a kilometre it is one stop
        "265.5, 0:15 0:265.5",
        "15.5 30, 0:15.5 1:30"
    })
    void stopsThere(String legs, String stops) {
        List<Stretch> road = Arrays.stream(legs.split(" ", -1))
                .map(km -> new Stretch(DAY, Double.parseDouble(km), false, false))
                .toList();

        assertThat(FeelStop.of(road).stream()
                        .map(stop -> stop.leg() + ":"
                                + (stop.afterKm() == Math.rint(stop.afterKm())
                                        ? Long.toString((long) stop.afterKm())
                                        : Double.toString(stop.afterKm())))
                        .toList())
                .isEqualTo(List.of(stops.split(" ", -1)));
    }

    @Test
    void boundsALeg() {
        assertThat(new Stretch(DAY, 20_000, false, false).km()).isEqualTo(20_000);
        assertThat(new Stretch(DAY, 0, false, false).km()).isZero();
        assertThatThrownBy(() -> new Stretch(DAY, 20_001, false, false)).hasMessageContaining("distance of a leg");
        assertThatThrownBy(() -> new Stretch(DAY, -1, false, false)).hasMessageContaining("distance of a leg");
    }

    @Test
    void saysWhereWaterWas() {
        assertThat(FeelStop.of(List.of(new Stretch(DAY, 40, false, true)))
                        .getLast()
                        .why())
                .isEqualTo("end of the leg, after water");
        assertThat(FeelStop.of(List.of(new Stretch(DAY, 40, false, false)))
                        .getLast()
                        .why())
                .isEqualTo("end of the leg");
    }
}
