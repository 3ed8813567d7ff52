package oldtallow.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.quantity.Turn;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A school as such; the trade's own stand in a file and are held to the trade's table in the application's tests. */
class NutSchoolTest {

    private static final TorqueRange TEN = TorqueRange.about(10, TorqueUnit.NEWTON_METRE);
    private static final TorqueRange FORTY = TorqueRange.about(40, TorqueUnit.NEWTON_METRE);

    @Test
    void asksTheLastTorqueOfSeating() {
        NutSchool school = school(
                step(StepKind.SEAT, TEN),
                step(StepKind.SEAT, FORTY),
                step(StepKind.SEAT, null),
                step(StepKind.FINAL, TEN));

        assertThat(school.seatingTorque()).contains(FORTY);
        assertThat(school.finalTorque()).contains(TEN);
        assertThat(school.steps(StepKind.SEAT)).hasSize(3);
        assertThat(school.setsTheNut()).isFalse();
    }

    @Test
    void asksNoTorqueWhereItGoesByFeel() {
        assertThat(school(step(StepKind.FINAL, null)).finalTorque()).isEmpty();
    }

    @Test
    void refusesStepsOutOfOrder() {
        assertThatThrownBy(() -> school(step(StepKind.FINAL, TEN), step(StepKind.SEAT, FORTY)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("order of steps")
                .hasMessageContaining("seating first");
    }

    @Test
    void refusesASchoolWithoutSteps() {
        assertThatThrownBy(NutSchoolTest::school).hasMessageContaining("number of steps");
    }

    @Test
    void refusesTorquesNoWrenchPulls() {
        TorqueRange slip = TorqueRange.about(2000, TorqueUnit.POUND_FORCE_FOOT);

        assertThatThrownBy(() -> step(StepKind.SEAT, slip)).hasMessageContaining("is the unit right?");
    }

    @Test
    void refusesMoreThanTwoTurns() {
        assertThatThrownBy(() -> new SequenceStep(
                        StepKind.RELEASE, "back", null, false, Turn.FULL.times(3), HubMotion.HOLD_STILL, 0, ""))
                .hasMessageContaining("turn of the nut");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "lower", "A", "X Y", "'; drop"})
    void refusesIdsThatAreNone(String id) {
        assertThatThrownBy(() -> new SchoolId(id)).isInstanceOf(OutOfRangeException.class);
    }

    private static NutSchool school(SequenceStep... steps) {
        return new NutSchool(SchoolId.INCH_POUND, "ours", "", "", "bench talk", false, List.of(steps));
    }

    private static SequenceStep step(StepKind kind, @Nullable TorqueRange torque) {
        return new SequenceStep(kind, "do it", torque, false, null, HubMotion.TURN_BOTH_WAYS, 0, "");
    }
}
