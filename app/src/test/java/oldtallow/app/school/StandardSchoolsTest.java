package oldtallow.app.school;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.core.quantity.Turn;
import oldtallow.core.sequence.HubMotion;
import oldtallow.core.sequence.NutSchool;
import oldtallow.core.sequence.SequenceStep;
import oldtallow.core.sequence.StepKind;
import oldtallow.core.sequence.TorqueRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The file of schools against the trade's table: common practice, no single source, but for the recommended practice. */
class StandardSchoolsTest {

    private static final List<NutSchool> ALL = TestSchools.standard().all();
    private static final Map<String, NutSchool> BY_ID =
            ALL.stream().collect(Collectors.toMap(school -> school.id().value(), Function.identity()));

    static List<NutSchool> all() {
        return ALL;
    }

    @Test
    void holdsEveryRowOfTheTable() {
        assertThat(BY_ID)
                .containsOnlyKeys(
                        "SEAT_AND_FINGER_TIGHT",
                        "TORQUE_HALF_TURN_TORQUE",
                        "INCH_POUND",
                        "HALF_TURN_AND_FEEL",
                        "QUARTER_TURN_SEAT",
                        "SNUG_AND_A_QUARTER_BACK",
                        "LOCK_AND_FREE",
                        "WRENCH_WEIGHT",
                        "DIAL_INDICATOR",
                        "TWO_NUTS",
                        "RECOMMENDED_PRACTICE_618",
                        "SPACER_SET",
                        "REUSED_UNDISTURBED",
                        "STAKED_NUT");
    }

    @ParameterizedTest
    @CsvSource({
        "SEAT_AND_FINGER_TIGHT, 600, 600",
        "TORQUE_HALF_TURN_TORQUE, 360, 360",
        "INCH_POUND, 100, 120",
        "RECOMMENDED_PRACTICE_618, 2400, 2400"
    })
    void seatsAsTheTableSays(String id, double least, double most) {
        assertInchPounds(school(id).seatingTorque().orElseThrow(), least, most);
    }

    @ParameterizedTest
    @CsvSource({
        "SEAT_AND_FINGER_TIGHT, 5, 15",
        "TORQUE_HALF_TURN_TORQUE, 15, 25",
        "INCH_POUND, 5, 5",
        "HALF_TURN_AND_FEEL, 12, 14",
        "RECOMMENDED_PRACTICE_618, 600, 600"
    })
    void setsFineAsTheTableSays(String id, double least, double most) {
        assertInchPounds(school(id).finalTorque().orElseThrow(), least, most);
    }

    @ParameterizedTest
    @CsvSource({
        "TORQUE_HALF_TURN_TORQUE, 180",
        "HALF_TURN_AND_FEEL, 180",
        "SNUG_AND_A_QUARTER_BACK, 90",
        "RECOMMENDED_PRACTICE_618, 360"
    })
    void releasesAsTheTableSays(String id, int degrees) {
        assertThat(school(id).steps(StepKind.RELEASE).getFirst().turn()).isEqualTo(Turn.ofDegrees(degrees));
    }

    @Test
    void spinsTenTimesAtLeastWhereItSeatsByHand() {
        List<SequenceStep> seating = school("QUARTER_TURN_SEAT").steps(StepKind.SEAT);

        assertThat(seating).extracting(SequenceStep::hubTurns).contains(10);
        assertThat(seating.get(1).turn()).isEqualTo(Turn.of(-1, 4));
    }

    /** All agree: the hub turns while it is seated; nobody ends by tightening on to a stop, but the spacer-set ones. */
    @ParameterizedTest
    @MethodSource("all")
    void agreesWithAllOthersWhereAllAgree(NutSchool school) {
        assertThat(school.steps(StepKind.SEAT))
                .allSatisfy(step -> assertThat(step.hub()).isEqualTo(HubMotion.TURN_BOTH_WAYS));
        assertThat(school.steps(StepKind.BACK_OFF_TO_STOP))
                .allSatisfy(step -> assertThat(step.turn()).isNull());
        assertThat(school.steps().getLast().kind()).isEqualTo(StepKind.LOCK_AND_CHECK);
        assertThat(school.setsTheNut())
                .isEqualTo(!List.of("SPACER_SET", "REUSED_UNDISTURBED")
                        .contains(school.id().value()));
        assertThat(school.source()).isNotBlank();
    }

    private static NutSchool school(String id) {
        return BY_ID.getOrDefault(id, ALL.getFirst());
    }

    private static void assertInchPounds(TorqueRange range, double least, double most) {
        assertThat(range.least().poundForceInches()).isCloseTo(least, within(1e-9));
        assertThat(range.most().poundForceInches()).isCloseTo(most, within(1e-9));
    }
}
