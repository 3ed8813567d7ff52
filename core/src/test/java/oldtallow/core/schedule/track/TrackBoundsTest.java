package oldtallow.core.schedule.track;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each limit of a recorded track from both sides, worked by hand on a straight road: metres east, seconds. */
class TrackBoundsTest {

    private static final Instant START = Instant.parse("2026-05-01T06:00:00Z");
    /** Fixes are written in metres, a hundred thousandth of a degree each. */
    private static final double DEGREE = 100_000;

    /** Fixes as metres@second, "-" where untimed; metres counted, of them bridged, gaps, lost gaps, leaps, back in time. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // a receiver wanders under 15 m, under 40 where it stood a minute and more
                "0@0 14.9@9 | 0 0 0 0 0 0",
                "0@0 15@9 | 15 0 0 0 0 0",
                "0@0 5@60 39.9@61 | 0 0 0 0 0 0",
                "0@0 5@60 40@61 | 40 0 0 0 0 0",
                "0@0 5@59 39.9@61 | 39.9 0 0 0 0 0",
                "0@- 5@- 39.9@- | 39.9 0 0 0 0 0",
                // nothing on wheels does more than 70 m/s; below a second it is taken as one
                "0@0 700@10 | 700 0 0 0 0 0",
                "0@0 700.1@10 | 0 0 0 0 1 0",
                "0@0 70@0 | 70 0 0 0 0 0",
                "0@0 70.1@0 | 0 0 0 0 1 0",
                // from the last time it was seen there, not from when it got there
                "0@0 5@100 1000@105 | 0 0 0 0 1 0",
                // a gap from 1 km, or from ten minutes on
                "0@0 1000@60 | 1000 0 0 0 0 0",
                "0@0 1000.1@60 | 1000.1 1000.1 1 0 0 0",
                "0@0 500@600 | 500 0 0 0 0 0",
                "0@0 500@601 | 500 500 1 0 0 0",
                // over 100 km it is lost
                "0@0 100000@2000 | 100000 100000 1 0 0 0",
                "0@0 100001@2000 | 0 0 0 1 0 0",
                // back in time is left out
                "0@10 500@9 600@30 | 600 0 0 0 0 1",
                "0@10 500@10 | 0 0 0 0 1 0",
                "0@10 50@10 | 50 0 0 0 0 0",
                // what leapt is believed once a second fix lies by it
                "0@0 5000@10 5500@30 | 5500 5500 1 0 0 0",
                "0@0 5000@10 5999@30 | 5999 5999 1 0 0 0",
                "0@0 5000@10 6000@30 | 0 0 0 0 2 0",
                "0@0 5000@10 500@30 | 500 0 0 0 1 0",
                // untimed and far off waits for the next: left out where it is off both by three times what they are
                // apart
                "0@- 1000@- | 1000 0 0 0 0 0",
                "0@- 1000.1@- | 1000.1 1000.1 1 0 0 0",
                "0@- 3001@- 1000@- | 5002 5002 2 0 0 0",
                "0@- 4001@- 1000@- | 1000 0 0 0 1 0",
                "0@- 4000@- 1000@- | 7000 7000 2 0 0 0"
            })
    void counts(String fixes, String counted) {
        TrackLength track = TrackLength.NONE;
        for (String fix : fixes.split(" ", -1)) {
            track = track.plus(fix(fix), TrackBoundsTest::flat);
        }
        track = track.ended(TrackBoundsTest::flat);
        String[] expected = counted.split(" ", -1);

        assertThat(track.metres()).isCloseTo(Double.parseDouble(expected[0]), within(1e-3));
        assertThat(track.bridgedMetres()).isCloseTo(Double.parseDouble(expected[1]), within(1e-3));
        assertThat(new int[] {track.gaps(), track.lostGaps(), track.leaps(), track.backInTime()})
                .containsExactly(
                        Integer.parseInt(expected[2]),
                        Integer.parseInt(expected[3]),
                        Integer.parseInt(expected[4]),
                        Integer.parseInt(expected[5]));
        assertThat(track.fixes()).isEqualTo(fixes.split(" ", -1).length);
    }

    /** A new stretch bridges what lies between, from 1 km on as a gap, and goes no further back in time. */
    @ParameterizedTest
    @CsvSource({"999.9, 50, 999.9, 0", "1000, 50, 1000, 1", "5000, 9, 0, 0"})
    void beginsANewStretch(double metres, long second, double counted, int gaps) {
        TrackLength track = TrackLength.NONE
                .atNewStretch(fix("0@10"), TrackBoundsTest::flat)
                .atNewStretch(fix(metres + "@" + second), TrackBoundsTest::flat);

        assertThat(track.metres()).isCloseTo(counted, within(1e-3));
        assertThat(track.gaps()).isEqualTo(gaps);
        assertThat(track.backInTime()).isEqualTo(second < 10 ? 1 : 0);
        assertThat(track.start()).hasValue(START.plusSeconds(10));
        assertThat(track.end()).hasValue(START.plusSeconds(Math.max(second, 10)));
    }

    /** The last time seen stays where a fix has none. */
    @Test
    void keepsItsTimes() {
        TrackLength track = TrackLength.NONE
                .plus(fix("0@5"), TrackBoundsTest::flat)
                .plus(fix("20@-"), TrackBoundsTest::flat)
                .plus(fix("25@-"), TrackBoundsTest::flat);

        assertThat(track.start()).hasValue(START.plusSeconds(5));
        assertThat(track.end()).hasValue(START.plusSeconds(5));
        TrackLength late =
                TrackLength.NONE.plus(fix("0@-"), TrackBoundsTest::flat).plus(fix("5@7"), TrackBoundsTest::flat);
        assertThat(late.start()).hasValue(START.plusSeconds(7));
        assertThat(late.end()).hasValue(START.plusSeconds(7));
    }

    @Test
    void boundsAFix() {
        assertThat(new Fix(90, 180, Optional.empty()).latitude()).isEqualTo(90);
        assertThat(new Fix(-90, -180, Optional.empty()).longitude()).isEqualTo(-180);
        assertThatThrownBy(() -> new Fix(90.01, 0, Optional.empty())).hasMessageContaining("latitude");
        assertThatThrownBy(() -> new Fix(-90.01, 0, Optional.empty())).hasMessageContaining("latitude");
        assertThatThrownBy(() -> new Fix(0, 180.01, Optional.empty())).hasMessageContaining("longitude");
        assertThatThrownBy(() -> new Fix(0, -180.01, Optional.empty())).hasMessageContaining("longitude");
    }

    private static Fix fix(String written) {
        String[] parts = written.split("@", -1);
        return new Fix(
                0,
                Double.parseDouble(parts[0]) / DEGREE,
                parts[1].equals("-") ? Optional.empty() : Optional.of(START.plusSeconds(Long.parseLong(parts[1]))));
    }

    /** To a tenth of a millimetre, as no rounding of degrees may decide. */
    private static double flat(Fix one, Fix other) {
        return Math.rint(1e4 * DEGREE * Math.abs(one.longitude() - other.longitude())) / 1e4;
    }
}
