package oldtallow.core.schedule.interval;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How much hard use shortens a distance: half for water, salt and rough ground, a quarter less for hills and loads. */
class SeverityTest {

    @ParameterizedTest
    @CsvSource({
        "'', 1",
        "WATER_CROSSINGS, 0.5",
        "SALT_WATER, 0.5",
        "OFF_ROAD, 0.5",
        "BRAKED_HILLS, 0.75",
        "FULL_LOADS, 0.75",
        "BRAKED_HILLS FULL_LOADS, 0.5625",
        "SALT_WATER FULL_LOADS, 0.375",
        // under a third nobody would keep to it
        "SALT_WATER OFF_ROAD, 0.33333333",
        "WATER_CROSSINGS BRAKED_HILLS FULL_LOADS, 0.33333333"
    })
    void hardUseShortens(String uses, double factor) {
        assertThat(Severity.factor(uses(uses))).isCloseTo(factor, within(1e-8));
    }

    /** Distances of service alone: no month, no launch, and no wheel nuts. */
    @ParameterizedTest
    @CsvSource({
        "REPACK, KILOMETRES, 19312, SALT_WATER, 9656",
        "REPACK, KILOMETRES, 19312, '', 19312",
        "RENEW, KILOMETRES, 10000, FULL_LOADS, 7500",
        "INSPECT, KILOMETRES, 4828, BRAKED_HILLS FULL_LOADS, 2716",
        "REPACK, KILOMETRES, 120, SALT_WATER OFF_ROAD, 100",
        "REPACK, MONTHS, 12, SALT_WATER, 12",
        "RETORQUE, KILOMETRES, 1000, SALT_WATER, 1000",
        "RETORQUE, AFTER_WHEEL_OFF, 80, OFF_ROAD, 80",
        "ADJUST, FIRST_RUN, 300, OFF_ROAD, 300",
        "INSPECT, DUNKINGS, 3, SALT_WATER, 3"
    })
    void leavesAllElseAsItIs(DueAction action, Trigger.Kind kind, int number, String uses, int left) {
        assertThat(Severity.shortened(action, kind.of(number), uses(uses))).isEqualTo(kind.of(left));
    }

    private static Set<Severity> uses(String written) {
        return Arrays.stream(written.split(" ", -1))
                .filter(use -> !use.isEmpty())
                .map(Severity::valueOf)
                .collect(Collectors.toSet());
    }
}
