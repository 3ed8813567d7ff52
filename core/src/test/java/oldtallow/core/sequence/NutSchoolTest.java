package oldtallow.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.quantity.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Figures of the schools: common practice, no single source. */
class NutSchoolTest {

    @Test
    void seatsTrailersAtFiftyOrMore() {
        TorqueRange seat = NutSchool.SEAT_AND_FINGER_TIGHT.seatingTorque();

        assertThat(seat.openEnded()).isTrue();
        assertThat(seat.least().poundForceFeet()).isCloseTo(50, within(1e-9));
        assertThat(seat.least().newtonMetres()).isCloseTo(68, within(0.5));
    }

    @Test
    void takesLightTrucksBackHalfATurnToTwentyInchPounds() {
        NutSchool school = NutSchool.TORQUE_HALF_TURN_TORQUE;

        assertThat(school.seatingTorque().least().poundForceFeet()).isCloseTo(30, within(1e-9));
        assertThat(school.steps().get(1).backOff()).isEqualTo(Turn.HALF);
        assertThat(school.finalTorque().least().poundForceInches()).isLessThan(20);
        assertThat(school.finalTorque().most().poundForceInches()).isGreaterThan(20);
    }

    @Test
    void setsCarsInInchPoundsThroughout() {
        NutSchool school = NutSchool.INCH_POUND;

        assertThat(school.seatingTorque().least().poundForceInches()).isCloseTo(100, within(1e-9));
        assertThat(school.seatingTorque().most().poundForceInches()).isCloseTo(120, within(1e-9));
        assertThat(school.finalTorque().least().poundForceInches()).isCloseTo(5, within(1e-9));
    }

    /** All schools agree: seat turning, release holding still, fine setting, looser only, lock. Common practice. */
    @ParameterizedTest
    @EnumSource
    void followsTheOrderAllSchoolsShare(NutSchool school) {
        assertThat(school.steps().stream().map(SequenceStep::kind))
                .containsExactly(
                        StepKind.SEAT,
                        StepKind.RELEASE,
                        StepKind.FINAL,
                        StepKind.BACK_OFF_TO_STOP,
                        StepKind.LOCK_AND_CHECK);
        assertThat(school.steps().getFirst().hub()).isEqualTo(HubMotion.TURN_BOTH_WAYS);
        assertThat(school.steps().get(1).hub()).isEqualTo(HubMotion.HOLD_STILL);
        assertThat(school.finalTorque().most())
                .isLessThan(school.seatingTorque().least());
        assertThat(school.steps())
                .allSatisfy(step -> assertThat(step.lookOutFor()).isNotBlank());
    }
}
