package oldtallow.core.schedule.interval;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HubStateTest {

    private static final LocalDate DUE = LocalDate.of(2026, 3, 10);

    @ParameterizedTest
    @CsvSource({
        "2025-03-10, FINE",
        "2026-02-07, FINE",
        "2026-02-08, DUE_SOON",
        "2026-03-10, DUE_SOON",
        "2026-03-11, OVERDUE"
    })
    void judgesByDate(LocalDate today, HubState state) {
        assertThat(HubState.judge(Optional.of(EndPlayVerdict.INSIDE), false, Optional.of(DUE), today))
                .isEqualTo(state);
    }

    @ParameterizedTest
    @CsvSource({"PRELOAD", "TOO_TIGHT", "TOO_LOOSE"})
    void aSettingOutsideItsWindowIsWorseThanAnOldOne(EndPlayVerdict verdict) {
        HubState state = HubState.judge(Optional.of(verdict), true, Optional.of(DUE), DUE.plusYears(3));

        assertThat(state).isEqualTo(HubState.OUTSIDE_WINDOW).isLessThan(HubState.OVERDUE);
    }

    @Test
    void anApprenticesSettingWaitsForAMechanicHoweverFreshItIs() {
        HubState state = HubState.judge(Optional.of(EndPlayVerdict.INSIDE), true, Optional.of(DUE), DUE.minusYears(1));

        assertThat(state).isEqualTo(HubState.AWAITS_SIGN_OFF).isGreaterThan(HubState.OUTSIDE_WINDOW);
    }

    @Test
    void saysThatNothingIsKnown() {
        assertThat(HubState.judge(Optional.empty(), false, Optional.empty(), DUE))
                .isEqualTo(HubState.NO_RECORD);
    }
}
