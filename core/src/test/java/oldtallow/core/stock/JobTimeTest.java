package oldtallow.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class JobTimeTest {

    private static final Duration USUAL = Duration.ofMinutes(71);

    @Test
    void withoutPastJobsItIsCommonPractice() {
        assertThat(JobTime.of(USUAL, List.of())).isEqualTo(new JobTime(USUAL, 0));
    }

    /** A job ticked off at the desk in four minutes says nothing of how long it takes. */
    @Test
    void nonsenseIsLeftOut() {
        assertThat(JobTime.of(USUAL, List.of(Duration.ofMinutes(4)))).isEqualTo(new JobTime(USUAL, 0));
        assertThat(JobTime.of(USUAL, List.of(Duration.ofHours(9))).fromPastJobs())
                .isZero();
    }

    @Test
    void oneJobMovesTheFigureALittleAndManyCarryIt() {
        Duration quick = Duration.ofMinutes(40);

        Duration once = JobTime.of(USUAL, List.of(quick)).takes();
        Duration often = JobTime.of(USUAL, Collections.nCopies(9, quick)).takes();

        assertThat(once).isBetween(Duration.ofMinutes(60), USUAL);
        assertThat(often).isBetween(quick, Duration.ofMinutes(50));
    }

    /** Of an even number the middle is between the two, and one odd one among five turns nothing. */
    @Test
    void goesByTheMiddle() {
        List<Duration> even = List.of(Duration.ofMinutes(60), Duration.ofMinutes(80));
        List<Duration> odd = List.of(
                Duration.ofMinutes(70),
                Duration.ofMinutes(70),
                Duration.ofMinutes(70),
                Duration.ofMinutes(70),
                Duration.ofMinutes(200));

        assertThat(JobTime.of(Duration.ofMinutes(70), even).takes()).isEqualTo(Duration.ofMinutes(70));
        assertThat(JobTime.of(Duration.ofMinutes(70), odd).takes()).isEqualTo(Duration.ofMinutes(70));
    }
}
