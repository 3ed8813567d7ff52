package oldtallow.core.interval;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import oldtallow.core.endplay.EndPlayVerdict;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Once a year: common practice. */
class SettingIntervalTest {

    private static final LocalDate SET = LocalDate.of(2025, 3, 10);

    @ParameterizedTest
    @CsvSource({
        "2025-03-10, FINE",
        "2026-02-07, FINE",
        "2026-02-08, DUE_SOON",
        "2026-03-10, DUE_SOON",
        "2026-03-11, OVERDUE"
    })
    void judgesByDate(LocalDate today, HubState state) {
        assertThat(SettingInterval.COMMON_PRACTICE.judge(EndPlayVerdict.INSIDE, false, SET, today))
                .isEqualTo(state);
    }

    @ParameterizedTest
    @CsvSource({"PRELOAD", "TOO_TIGHT", "TOO_LOOSE"})
    void aSettingOutsideItsWindowIsWorseThanAnOldOne(EndPlayVerdict verdict) {
        HubState state = SettingInterval.COMMON_PRACTICE.judge(verdict, true, SET, SET.plusYears(3));

        assertThat(state).isEqualTo(HubState.OUTSIDE_WINDOW).isLessThan(HubState.OVERDUE);
    }

    @Test
    void anApprenticesSettingWaitsForAMechanicHoweverFreshItIs() {
        HubState state = SettingInterval.COMMON_PRACTICE.judge(EndPlayVerdict.INSIDE, true, SET, SET);

        assertThat(state).isEqualTo(HubState.AWAITS_SIGN_OFF).isGreaterThan(HubState.OUTSIDE_WINDOW);
    }

    @Test
    void endsAMonthThatIsTooShortOnItsLastDay() {
        assertThat(new SettingInterval(1).due(LocalDate.of(2025, 1, 31))).isEqualTo(LocalDate.of(2025, 2, 28));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1, 121})
    void refusesIntervalsNobodyKeeps(int months) {
        assertThatThrownBy(() -> new SettingInterval(months)).isInstanceOf(OutOfRangeException.class);
    }
}
