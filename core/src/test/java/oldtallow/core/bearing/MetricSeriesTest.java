package oldtallow.core.bearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every metric row against the rules of the standards that number it. ISO 15 gives all radial bearings of one diameter series one
 * outside diameter for a bore, and all of one dimension series one width; so a tapered set shares them with the ball and spherical
 * roller bearings whose numbers end alike: 30205 is as wide as 6205, 32208 as 22208. Their tables are written down here from
 * memory of those bearings, not of the catalogue's rows.
 */
class MetricSeriesTest {

    /** Bore code 02 to 20; 02 is 15 mm, 03 17 mm, from 04 on five times. */
    private static final int FIRST = 2;

    private static final int[] NONE = {};

    /** Outside diameters of deep groove ball bearings 619xx, 60xx, 62xx, 63xx, and of series 1 (spherical rollers 231xx), mm. */
    private static final Map<Character, int[]> OUTSIDE = Map.of(
            '9', new int[] {28, 30, 37, 42, 47, 55, 62, 68, 72, 80, 85, 90, 100, 105, 110, 120, 125, 130, 140},
            '0', new int[] {32, 35, 42, 47, 55, 62, 68, 75, 80, 90, 95, 100, 110, 115, 125, 130, 140, 145, 150},
            '1', new int[] {0, 0, 0, 0, 0, 0, 75, 80, 85, 95, 100, 110, 120, 125, 130, 140, 150, 160, 165},
            '2', new int[] {35, 40, 47, 52, 62, 72, 80, 85, 90, 100, 110, 120, 125, 130, 140, 150, 160, 170, 180},
            '3', new int[] {42, 47, 52, 62, 72, 80, 90, 100, 110, 120, 130, 140, 150, 160, 170, 180, 190, 200, 215});

    /** Cone widths of ball bearings 62xx and 63xx, and of spherical rollers 222xx and 223xx, mm. */
    private static final Map<String, int[]> WIDTH = Map.of(
            "302", new int[] {11, 12, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24, 25, 26, 28, 30, 32, 34},
            "303", new int[] {13, 14, 15, 17, 19, 21, 23, 25, 27, 29, 31, 33, 35, 37, 39, 41, 43, 45, 47},
            "313", new int[] {13, 14, 15, 17, 19, 21, 23, 25, 27, 29, 31, 33, 35, 37, 39, 41, 43, 45, 47},
            "322", new int[] {14, 16, 18, 18, 20, 23, 23, 23, 23, 25, 28, 31, 31, 31, 33, 36, 40, 43, 46},
            "323", new int[] {17, 19, 21, 24, 27, 31, 33, 36, 40, 43, 46, 48, 51, 55, 58, 60, 64, 67, 73});

    static Stream<Arguments> rows() {
        return StandardCatalogue.entries().stream()
                .filter(entry -> entry.source().equals("ISO 355"))
                .map(entry -> Arguments.of(entry.set().designation().cone(), entry.set()));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rows")
    void followsItsNumber(String number, BearingSet set) {
        int code = Integer.parseInt(number.substring(3, 5));
        String series = number.substring(0, 3);

        assertThat(set.bore().millimetres()).isEqualTo(code == 2 ? 15 : code == 3 ? 17 : 5 * code);
        assertThat(set.outsideDiameter().millimetres())
                .isEqualTo(OUTSIDE.getOrDefault(number.charAt(2), NONE)[code - FIRST]);
        assertThat(set.cupWidth()).isLessThan(set.coneWidth());
        if (WIDTH.containsKey(series)) {
            assertThat(set.coneWidth().millimetres()).isEqualTo(WIDTH.getOrDefault(series, NONE)[code - FIRST]);
            // series 302, 303 and the others stand proud of the cone by the same step for a bore and diameter series
            // (ISO 355)
            assertThat(set.width().minus(set.coneWidth()).millimetres())
                    .isCloseTo(proud(number.charAt(2), code), within(1e-9));
        } else {
            assertThat(set.width()).as("as wide as its cone").isEqualTo(set.coneWidth());
        }
    }

    /** T less B: ISO 355's steps for diameter series 2 and 3, mm. */
    private static double proud(char series, int code) {
        double[] steps = series == '2'
                ? new double[] {
                    .75, 1.25, 1.25, 1.25, 1.25, 1.25, 1.75, 1.75, 1.75, 1.75, 1.75, 1.75, 2.25, 2.25, 2.25, 2.5, 2.5,
                    2.5, 3
                }
                : new double[] {
                    1.25, 1.25, 1.25, 1.25, 1.75, 1.75, 2.25, 2.25, 2.25, 2.5, 2.5, 3, 3, 3, 3.5, 3.5, 3.5, 4.5, 4.5
                };
        return steps[code - FIRST];
    }
}
