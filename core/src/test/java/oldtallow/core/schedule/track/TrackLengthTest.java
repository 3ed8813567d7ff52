package oldtallow.core.schedule.track;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Optional;
import java.util.Random;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;

/** On a flat earth of this test's own, a degree 100 km; the ellipsoid is tested where the application brings it in. */
class TrackLengthTest {

    private static final Instant START = Instant.parse("2026-03-29T00:30:00Z");
    private static final double DEGREE = 100_000;

    @Test
    void addsUpTheWay() {
        TrackLength track = TrackLength.NONE;
        for (int i = 0; i <= 100; i++) {
            track = track.plus(at(i * 500, i * 30L), TrackLengthTest::flat);
        }

        assertThat(track.kilometres()).isCloseTo(50, within(1e-6));
        assertThat(track.gaps()).isZero();
        assertThat(track.fixes()).isEqualTo(101);
        assertThat(track.start()).contains(START);
        assertThat(track.end()).contains(START.plusSeconds(3000));
    }

    @Test
    void countsNoJitterAtRest() {
        var random = new Random(3);
        TrackLength track = TrackLength.NONE;
        for (int i = 0; i < 5_000; i++) {
            track = track.plus(at(random.nextGaussian() * 3, i), TrackLengthTest::flat);
        }

        assertThat(track.metres()).isLessThan(100);
    }

    /** Two hours at rest beside trees: the receiver's error of 8 m (one σ) wanders, half of it gone after a minute. */
    @Test
    void standingStillAddsNothing() {
        var random = new Random(5);
        TrackLength track = TrackLength.NONE;
        double keeps = Math.pow(0.5, 1 / 60.0);
        double off = 0;
        for (int i = 0; i < 7_200; i++) {
            off = keeps * off + Math.sqrt(1 - keeps * keeps) * 8 * random.nextGaussian();
            track = track.plus(at(off, i), TrackLengthTest::flat);
        }
        double stood = track.metres();
        for (int i = 1; i <= 100; i++) {
            track = track.plus(at(i * 20, 7_200 + i), TrackLengthTest::flat);
        }

        assertThat(stood).isLessThan(150);
        assertThat(track.metres() - stood).as("and counts as it drives on").isCloseTo(2_000, within(60.0));
    }

    /** Without times: a fix 40 km off between two that are 500 m apart is none; a way of long steps is one. */
    @Test
    void dropsAFixFarOffBothItsNeighboursWhereNothingIsTimed() {
        TrackLength track = TrackLength.NONE
                .plus(untimed(0), TrackLengthTest::flat)
                .plus(untimed(500), TrackLengthTest::flat)
                .plus(untimed(40_000), TrackLengthTest::flat)
                .plus(untimed(1_000), TrackLengthTest::flat)
                .ended(TrackLengthTest::flat);
        TrackLength route = TrackLength.NONE
                .plus(untimed(0), TrackLengthTest::flat)
                .plus(untimed(20_000), TrackLengthTest::flat)
                .plus(untimed(45_000), TrackLengthTest::flat)
                .plus(untimed(60_000), TrackLengthTest::flat)
                .ended(TrackLengthTest::flat);

        assertThat(track.metres()).isCloseTo(1_000, within(1e-6));
        assertThat(track.leaps()).isEqualTo(1);
        assertThat(track.fixes()).isEqualTo(4);
        assertThat(route.metres()).isCloseTo(60_000, within(1e-6));
        assertThat(route.leaps()).isZero();
        assertThat(route.fixes()).isEqualTo(4);
    }

    @Test
    void bridgesAGapAndTellsIt() {
        TrackLength track = TrackLength.NONE
                .plus(at(0, 0), TrackLengthTest::flat)
                .plus(at(500, 30), TrackLengthTest::flat)
                .plus(at(30_500, 2_000), TrackLengthTest::flat)
                .plus(at(31_000, 2_030), TrackLengthTest::flat);

        assertThat(track.kilometres()).isCloseTo(31, within(1e-6));
        assertThat(track.bridgedMetres()).isCloseTo(30_000, within(1e-3));
        assertThat(track.gaps()).isEqualTo(1);
    }

    @Test
    void bridgesNoGapThatCrossesACountry() {
        TrackLength track = TrackLength.NONE
                .plus(at(0, 0), TrackLengthTest::flat)
                .plus(at(300_000, 20_000), TrackLengthTest::flat)
                .plus(at(300_500, 20_030), TrackLengthTest::flat);

        assertThat(track.metres()).isCloseTo(500, within(1e-3));
        assertThat(track.lostGaps()).isEqualTo(1);
    }

    @Test
    void leavesOutALeapAndGoesOnFromWhereItWas() {
        TrackLength track = TrackLength.NONE
                .plus(at(0, 0), TrackLengthTest::flat)
                .plus(at(50_000, 10), TrackLengthTest::flat)
                .plus(at(500, 30), TrackLengthTest::flat);

        assertThat(track.metres()).isCloseTo(500, within(1e-6));
        assertThat(track.leaps()).isEqualTo(1);
    }

    @Test
    void believesALeapThatTheNextFixConfirms() {
        TrackLength track = TrackLength.NONE
                .plus(at(0, 0), TrackLengthTest::flat)
                .plus(at(50_000, 10), TrackLengthTest::flat)
                .plus(at(50_400, 30), TrackLengthTest::flat);

        assertThat(track.kilometres()).isCloseTo(50.4, within(1e-6));
        assertThat(track.leaps()).isZero();
        assertThat(track.gaps()).isEqualTo(1);
    }

    @Test
    void leavesOutWhatGoesBackInTime() {
        TrackLength track = TrackLength.NONE
                .plus(at(0, 100), TrackLengthTest::flat)
                .plus(at(5_000, 50), TrackLengthTest::flat)
                .plus(at(500, 130), TrackLengthTest::flat);

        assertThat(track.metres()).isCloseTo(500, within(1e-6));
        assertThat(track.backInTime()).isEqualTo(1);
    }

    @Test
    void goesOnOverStretchesWithoutTime() {
        TrackLength track = TrackLength.NONE
                .plus(untimed(0), TrackLengthTest::flat)
                .plus(untimed(700), TrackLengthTest::flat)
                .atNewStretch(untimed(20_700), TrackLengthTest::flat)
                .plus(untimed(21_000), TrackLengthTest::flat);

        assertThat(track.kilometres()).isCloseTo(21, within(1e-6));
        assertThat(track.gaps()).isEqualTo(1);
        assertThat(track.start()).isEmpty();
    }

    /** Whatever comes, the length never shrinks and never is no number. */
    @Test
    void neverShrinks() {
        var random = new Random(11);
        TrackLength track = TrackLength.NONE;
        double before = 0;
        for (int i = 0; i < 20_000; i++) {
            Fix fix = random.nextInt(5) == 0
                    ? untimed(random.nextInt(1_000_000))
                    : at(random.nextInt(1_000_000), random.nextInt(100_000));
            track = random.nextInt(50) == 0
                    ? track.atNewStretch(fix, TrackLengthTest::flat)
                    : track.plus(fix, TrackLengthTest::flat);
            assertThat(track.metres()).isGreaterThanOrEqualTo(before);
            before = track.metres();
        }
        assertThat(track.fixes()).isEqualTo(20_000);
        assertThat(track.bridgedMetres()).isLessThanOrEqualTo(track.metres() + 1e-6);
    }

    @Test
    void refusesPlacesThatAreNotOnEarth() {
        assertThatThrownBy(() -> new Fix(90.1, 0, Optional.empty())).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new Fix(0, Double.NaN, Optional.empty())).isInstanceOf(OutOfRangeException.class);
        assertThat(new Fix(-90, 180, Optional.empty()).latitude()).isEqualTo(-90);
    }

    private static Fix at(double metresEast, long seconds) {
        return new Fix(0, metresEast / DEGREE, Optional.of(START.plusSeconds(seconds)));
    }

    private static Fix untimed(double metresEast) {
        return new Fix(0, metresEast / DEGREE, Optional.empty());
    }

    private static double flat(Fix one, Fix other) {
        return DEGREE * Math.hypot(one.latitude() - other.latitude(), one.longitude() - other.longitude());
    }
}
