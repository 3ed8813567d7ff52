package oldtallow.core.travel.warmth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import oldtallow.core.procedure.look.AfterDrive;
import oldtallow.core.procedure.look.AfterDrive.Verdict;
import oldtallow.core.procedure.look.Diagnosis.Drive;
import oldtallow.core.procedure.look.FirstLook;
import oldtallow.core.quantity.OutOfRangeException;
import org.apache.commons.math3.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AlarmTest {

    private static final Instant FIRST = Instant.parse("2026-03-01T10:00:00Z");

    /** Bands: common practice. The day is 20 °C. */
    @ParameterizedTest
    @CsvSource({
        "32, 31, FINE",
        "50, 49, FINE",
        "51, 50, WATCH",
        "69, 60, WATCH",
        "71, 70, HOT",
        "91, 90, STOP",
        "45, 29, ONE_SIDED",
        "45, 31, FINE",
        "60, 75, WATCH"
    })
    void readsAThermometer(double hub, double other, Alarm alarm) {
        assertThat(Alarm.of(List.of(stop(0, Felt.measured(hub), Felt.measured(other)))))
                .isEqualTo(alarm);
    }

    @ParameterizedTest
    @CsvSource({
        "COOL, COOL, FINE",
        "WARM, COOL, FINE",
        "HOT, WARM, WATCH",
        "HOT, COOL, ONE_SIDED",
        "TOO_HOT, TOO_HOT, HOT",
        "TOO_HOT, COOL, HOT"
    })
    void readsAHand(Touch hub, Touch other, Alarm alarm) {
        assertThat(Alarm.of(List.of(stop(0, Felt.byHand(hub), Felt.byHand(other)))))
                .isEqualTo(alarm);
    }

    /** ISO 13732-1, from memory: burn thresholds of bare metal at contact of a minute 51 °C, of a second 65 to 70 °C. */
    @Test
    void aHandLetsGoWhereMetalBurns() {
        assertThat(Touch.of(50)).isEqualTo(Touch.WARM);
        assertThat(Touch.of(55)).isEqualTo(Touch.HOT);
        assertThat(Touch.of(71)).isEqualTo(Touch.TOO_HOT);
        for (Touch touch : Touch.values()) {
            assertThat(Touch.of(touch.about())).isEqualTo(touch);
        }
    }

    /** One scale everywhere (common practice): first look, after the drive and stops on the road read a hub alike. */
    @ParameterizedTest
    @ValueSource(doubles = {-20, 30, 50, 50.1, 65, 70, 70.1, 80, 90, 90.1, 119, 200})
    void everyPlaceReadsAHubAlike(double celsius) {
        HeatBand band = HeatBand.of(celsius);
        var heat = new HubHeat(celsius, Optional.empty());
        Alarm alarm =
                Alarm.of(List.of(new StopReading(FIRST, Felt.measured(celsius), Optional.empty(), Optional.of(45.0))));
        var after = new AfterDrive(heat, 20, 40, false, AfterDrive.Spin.NOT_TRIED, false, Optional.empty());
        var look = new FirstLook(List.of(), Optional.of(heat), true).diagnosis();

        assertThat(alarm.holdsTheRig()).isEqualTo(band.holdsTheRig());
        assertThat(look.drive() == Drive.NO).isEqualTo(band.holdsTheRig());
        assertThat(heat.reading().isWarmAtMost()).isEqualTo(!band.holdsTheRig());
        assertThat(after.verdict() == Verdict.FINE).isEqualTo(band == HeatBand.FINE);
        assertThat(after.verdict() == Verdict.WATCH).isEqualTo(band == HeatBand.WARM);
        assertThat(Touch.of(celsius) == Touch.TOO_HOT).isEqualTo(band.holdsTheRig());
    }

    @Test
    void tellsASideThatGainsBeforeItIsHot() {
        List<StopReading> creeping = measured(0, 1, 3, 4, 6, 7);
        assertThat(Alarm.of(creeping)).isEqualTo(Alarm.CREEPING);
        assertThat(Alarm.of(creeping.subList(0, 3)))
                .as("three stops tell nothing yet")
                .isEqualTo(Alarm.FINE);
        assertThat(Alarm.of(measured(3, -1, 2, 0, 1, 2))).isEqualTo(Alarm.FINE);
    }

    @Test
    void aHandAtTheLastStopLeavesTheTrendAside() {
        List<StopReading> stops = new ArrayList<>(measured(0, 1, 3, 4, 6, 7));
        stops.add(stop(9, Felt.byHand(Touch.COOL), Felt.byHand(Touch.COOL)));
        assertThat(Alarm.of(stops)).isEqualTo(Alarm.FINE);
    }

    @Test
    void readsStopsInTheOrderTheyWereTaken() {
        List<StopReading> shuffled = new ArrayList<>(measured(0, 1, 3, 4, 6, 7));
        java.util.Collections.shuffle(shuffled, new Random(3));
        assertThat(Alarm.of(shuffled)).isEqualTo(Alarm.CREEPING);
    }

    /** Of points on a line it is the line's own slope, as least squares of Commons Math has it. */
    @Test
    void gainIsTheSlopeOfALine() {
        var regression = new SimpleRegression();
        double[] line = {1, 2.5, 4, 5.5, 7};
        for (int i = 0; i < line.length; i++) {
            regression.addData(i, line[i]);
        }
        assertThat(Alarm.gain(measured(line)).orElseThrow()).isCloseTo(regression.getSlope() * 4, within(1e-9));
    }

    /** The property the method is chosen for: up to 29 % of odd readings turn nothing (Sen 1968). */
    @Test
    void oneOddReadingTurnsNothing() {
        double[] steady = {1, 1, 1, 1, 1, 1, 1, 1};
        for (int odd = 0; odd < steady.length; odd++) {
            double[] one = Arrays.copyOf(steady, steady.length);
            one[odd] = 14;
            var regression = new SimpleRegression();
            for (int i = 0; i < one.length; i++) {
                regression.addData(i, one[i]);
            }
            assertThat(Alarm.gain(measured(one)).orElseThrow()).isCloseTo(0, within(1e-9));
            assertThat(Math.abs(regression.getSlope()))
                    .as("least squares turns")
                    .isGreaterThan(0.05);
        }
    }

    /** Never calmer when hotter, all else alike. */
    @Test
    void neverCalmerWhenHotter() {
        var random = new Random(11);
        for (int i = 0; i < 2_000; i++) {
            double hub = random.nextDouble() * 120;
            double other = random.nextDouble() * 60;
            Alarm cooler = Alarm.of(List.of(stop(0, Felt.measured(hub), Felt.measured(other))));
            Alarm hotter = Alarm.of(List.of(stop(0, Felt.measured(hub + 5), Felt.measured(other))));
            assertThat(hotter).as("%s beside %s", hub, other).isGreaterThanOrEqualTo(cooler);
        }
    }

    @Test
    void refusesWhatNoThermometerShows() {
        assertThatExceptionOfType(OutOfRangeException.class)
                .isThrownBy(() -> Felt.measured(900))
                .withMessageContaining("hub temperature");
    }

    private static List<StopReading> measured(double... overOther) {
        List<StopReading> stops = new ArrayList<>();
        for (int i = 0; i < overOther.length; i++) {
            stops.add(stop(i, Felt.measured(32 + overOther[i]), Felt.measured(32)));
        }
        return stops;
    }

    private static StopReading stop(int hours, Felt hub, Felt other) {
        return new StopReading(FIRST.plus(Duration.ofHours(hours)), hub, Optional.of(other), Optional.of(20.0));
    }
}
