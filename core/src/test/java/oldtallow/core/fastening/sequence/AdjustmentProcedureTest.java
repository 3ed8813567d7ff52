package oldtallow.core.fastening.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.quantity.Turn;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A procedure as such; the trade's own stand in a file and are held to the trade's table in the application's tests. */
class AdjustmentProcedureTest {

    private static final TorqueRange TEN = TorqueRange.about(10, TorqueUnit.NEWTON_METRE);
    private static final TorqueRange FORTY = TorqueRange.about(40, TorqueUnit.NEWTON_METRE);

    @Test
    void asksTheLastTorqueOfSeating() {
        AdjustmentProcedure procedure = procedure(
                step(StepKind.SEAT, TEN),
                step(StepKind.SEAT, FORTY),
                step(StepKind.SEAT, null),
                step(StepKind.FINAL, TEN));

        assertThat(procedure.seatingTorque()).contains(FORTY);
        assertThat(procedure.finalTorque()).contains(TEN);
        assertThat(procedure.steps(StepKind.SEAT)).hasSize(3);
        assertThat(procedure.setsTheNut()).isFalse();
    }

    @Test
    void asksNoTorqueWhereItGoesByFeel() {
        assertThat(procedure(step(StepKind.FINAL, null)).finalTorque()).isEmpty();
    }

    @Test
    void refusesStepsOutOfOrder() {
        assertThatThrownBy(() -> procedure(step(StepKind.FINAL, TEN), step(StepKind.SEAT, FORTY)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("order of steps")
                .hasMessageContaining("seating first");
    }

    @Test
    void refusesAProcedureWithoutSteps() {
        assertThatThrownBy(AdjustmentProcedureTest::procedure).hasMessageContaining("number of steps");
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

    /** Every text and number of a procedure of one's own has its bound, and the bound itself is taken. */
    @Test
    void boundsWhatIsTyped() {
        assertThat(named("x".repeat(60), "u".repeat(80), "e".repeat(80), "s".repeat(120))
                        .label())
                .hasSize(60);
        assertThatThrownBy(() -> named("x".repeat(61), "", "", "s")).hasMessageContaining("name of the procedure");
        assertThatThrownBy(() -> named("  ", "", "", "s")).hasMessageContaining("name of the procedure");
        assertThatThrownBy(() -> named("x", "u".repeat(81), "", "s")).hasMessageContaining("what it is used on");
        assertThatThrownBy(() -> named("x", "", "e".repeat(81), "s")).hasMessageContaining("what it ends with");
        assertThatThrownBy(() -> named("x", "", "", "")).hasMessageContaining("source");
        assertThatThrownBy(() -> named("x", "", "", "s".repeat(121))).hasMessageContaining("source");
        SequenceStep seat = step(StepKind.SEAT, null);
        assertThat(procedure(Collections.nCopies(20, seat).toArray(SequenceStep[]::new))
                        .steps())
                .hasSize(20);
        assertThatThrownBy(() -> procedure(Collections.nCopies(21, seat).toArray(SequenceStep[]::new)))
                .hasMessageContaining("number of steps");
    }

    @Test
    void boundsEachStep() {
        assertThat(typed("d".repeat(120), 1500, -360, 100, "l".repeat(200)).hubTurns())
                .isEqualTo(100);
        assertThat(typed("d", 1, 720, 0, "").turn()).isEqualTo(Turn.FULL.times(2));
        assertThatThrownBy(() -> typed("d".repeat(121), 1, 0, 0, "")).hasMessageContaining("what to do");
        assertThatThrownBy(() -> typed(" ", 1, 0, 0, "")).hasMessageContaining("what to do");
        assertThatThrownBy(() -> typed("d", 1500.1, 0, 0, "")).hasMessageContaining("at most 1500");
        assertThatThrownBy(() -> typed("d", 1, -361, 0, "")).hasMessageContaining("turn of the nut");
        assertThatThrownBy(() -> typed("d", 1, 721, 0, "")).hasMessageContaining("turn of the nut");
        assertThatThrownBy(() -> typed("d", 1, 0, 101, "")).hasMessageContaining("turns of the hub");
        assertThatThrownBy(() -> typed("d", 1, 0, -1, "")).hasMessageContaining("turns of the hub");
        assertThatThrownBy(() -> typed("d", 1, 0, 0, "l".repeat(201))).hasMessageContaining("what to look out for");
    }

    @Test
    void holdsTheHubOnlyWhereAllItsStepsDo() {
        AdjustmentProcedure procedure = procedure(
                new SequenceStep(StepKind.SEAT, "s", null, false, null, HubMotion.TURN_BOTH_WAYS, 5, ""),
                new SequenceStep(StepKind.RELEASE, "r", null, false, null, HubMotion.HOLD_STILL, 0, ""),
                new SequenceStep(StepKind.FINAL, "f", null, false, null, HubMotion.HOLD_STILL, 0, ""),
                new SequenceStep(StepKind.FINAL, "g", null, false, null, HubMotion.TURN_BOTH_WAYS, 0, ""));

        assertThat(procedure.holdsTheHub(StepKind.SEAT)).isFalse();
        assertThat(procedure.holdsTheHub(StepKind.RELEASE)).isTrue();
        assertThat(procedure.holdsTheHub(StepKind.FINAL)).isFalse();
        assertThat(ProcedureId.INCH_POUND).hasToString(ProcedureId.INCH_POUND.value());
    }

    private static AdjustmentProcedure named(String label, String usedOn, String endsWith, String source) {
        return new AdjustmentProcedure(
                ProcedureId.INCH_POUND, label, usedOn, endsWith, source, false, List.of(step(StepKind.SEAT, null)));
    }

    private static SequenceStep typed(String says, double newtonMetres, int degrees, int hubTurns, String lookOut) {
        return new SequenceStep(
                StepKind.SEAT,
                says,
                TorqueRange.about(newtonMetres, TorqueUnit.NEWTON_METRE),
                false,
                Turn.ofDegrees(degrees),
                HubMotion.HOLD_STILL,
                hubTurns,
                lookOut);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "lower", "A", "X Y", "'; drop"})
    void refusesIdsThatAreNone(String id) {
        assertThatThrownBy(() -> new ProcedureId(id)).isInstanceOf(OutOfRangeException.class);
    }

    private static AdjustmentProcedure procedure(SequenceStep... steps) {
        return new AdjustmentProcedure(ProcedureId.INCH_POUND, "ours", "", "", "bench talk", false, List.of(steps));
    }

    private static SequenceStep step(StepKind kind, @Nullable TorqueRange torque) {
        return new SequenceStep(kind, "do it", torque, false, null, HubMotion.TURN_BOTH_WAYS, 0, "");
    }
}
