package oldtallow.core.travel.trip;

import static org.assertj.core.api.Assertions.assertThat;

import oldtallow.core.schedule.interval.HubState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A hub is taken on a trip without a doubt only when it is set, inside its window, signed off and whole: common practice. */
class TripDoubtTest {

    @ParameterizedTest
    @EnumSource(HubState.class)
    void anUnsetHubOrOneThatIsApartIsNeverGood(HubState state) {
        assertThat(TripDoubt.of(state, false, false)).isPresent();
        assertThat(TripDoubt.of(state, true, true)).isPresent();
    }

    @ParameterizedTest
    @EnumSource(
            value = HubState.class,
            names = {"OUTSIDE_WINDOW", "AWAITS_SIGN_OFF", "NO_RECORD"})
    void whatTheYardDoubtsATripDoubtsToo(HubState state) {
        assertThat(TripDoubt.of(state, true, false)).isPresent();
    }

    /** Dates are the advice's, so that nothing is said twice. */
    @ParameterizedTest
    @EnumSource(
            value = HubState.class,
            names = {"OVERDUE", "DUE_SOON", "FINE"})
    void aDateAloneIsNoDoubt(HubState state) {
        assertThat(TripDoubt.of(state, true, false)).isEmpty();
    }

    @Test
    void theWorstComesFirst() {
        assertThat(TripDoubt.of(HubState.OUTSIDE_WINDOW, false, true)).contains(TripDoubt.OUTSIDE_WINDOW);
        assertThat(TripDoubt.of(HubState.NO_RECORD, false, false)).contains(TripDoubt.NOT_SET);
    }
}
