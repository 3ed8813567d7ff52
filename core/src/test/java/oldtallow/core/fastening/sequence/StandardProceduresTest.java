package oldtallow.core.fastening.sequence;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.quantity.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The file of procedures against the trade's table: common practice, no single source, but for the recommended practice. */
class StandardProceduresTest {

    private static final String HEADERS = """
            procedure|id|label|used on|ends with|source|only the very same parts
            step|kind|says|torque|turn|hub|hub turns|look out for
            """;

    private static final List<AdjustmentProcedure> ALL = StandardProcedures.all();
    private static final Map<String, AdjustmentProcedure> BY_ID =
            ALL.stream().collect(Collectors.toMap(procedure -> procedure.id().value(), Function.identity()));

    static List<AdjustmentProcedure> all() {
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
        assertInchPounds(procedure(id).seatingTorque().orElseThrow(), least, most);
    }

    @ParameterizedTest
    @CsvSource({
        "TORQUE_HALF_TURN_TORQUE, 15, 25",
        "INCH_POUND, 5, 5",
        "HALF_TURN_AND_FEEL, 12, 14",
        "RECOMMENDED_PRACTICE_618, 600, 600"
    })
    void setsFineAsTheTableSays(String id, double least, double most) {
        assertInchPounds(procedure(id).finalTorque().orElseThrow(), least, most);
    }

    @ParameterizedTest
    @CsvSource({
        "TORQUE_HALF_TURN_TORQUE, 180",
        "HALF_TURN_AND_FEEL, 180",
        "SNUG_AND_A_QUARTER_BACK, 90",
        "RECOMMENDED_PRACTICE_618, 360"
    })
    void releasesAsTheTableSays(String id, int degrees) {
        assertThat(procedure(id).steps(StepKind.RELEASE).getFirst().turn()).isEqualTo(Turn.ofDegrees(degrees));
    }

    @Test
    void spinsTenTimesAtLeastWhereItSeatsByHand() {
        List<SequenceStep> seating = procedure("QUARTER_TURN_SEAT").steps(StepKind.SEAT);

        assertThat(seating).extracting(SequenceStep::hubTurns).contains(10);
        assertThat(seating.get(1).turn()).isEqualTo(Turn.of(-1, 4));
    }

    /** All agree: the hub turns while it is seated; nobody ends by tightening on to a stop, but the spacer-set ones. */
    @ParameterizedTest
    @MethodSource("all")
    void agreesWithAllOthersWhereAllAgree(AdjustmentProcedure procedure) {
        assertThat(procedure.steps(StepKind.SEAT))
                .allSatisfy(step -> assertThat(step.hub()).isEqualTo(HubMotion.TURN_BOTH_WAYS));
        assertThat(procedure.steps(StepKind.BACK_OFF_TO_STOP))
                .allSatisfy(step -> assertThat(step.turn()).isNull());
        assertThat(procedure.steps().getLast().kind()).isEqualTo(StepKind.LOCK_AND_CHECK);
        assertThat(procedure.setsTheNut())
                .isEqualTo(!List.of("SPACER_SET", "REUSED_UNDISTURBED")
                        .contains(procedure.id().value()));
        assertThat(procedure.source()).isNotBlank();
    }

    /** The hub is held while the nut is released, or it is tried while the nut comes back; never both in one step. */
    @ParameterizedTest
    @MethodSource("all")
    void releasesWithTheHubHeldOrTriesItNeverBoth(AdjustmentProcedure procedure) {
        assertThat(procedure.steps(StepKind.RELEASE))
                .allSatisfy(step -> assertThat(step.hub() == HubMotion.HOLD_STILL)
                        .isEqualTo(!step.says().contains("trying the hub")))
                .allSatisfy(step -> assertThat(step.hub() != HubMotion.HOLD_STILL
                                && step.lookOutFor().contains("A hub that turns now"))
                        .isFalse());
    }

    /** What a lock needs belongs to the lock, so that one procedure serves on every one. */
    @ParameterizedTest
    @MethodSource("all")
    void saysNothingOfTheLock(AdjustmentProcedure procedure) {
        assertThat(procedure.steps())
                .extracting(step -> (step.says() + " " + step.lookOutFor()).toLowerCase(Locale.ROOT))
                .noneMatch(words -> words.matches(
                        ".*\\b(cotters?|slots?|holes?|tabs?|tangs?|collar|stake|screws?|jam nut|outer nut)\\b.*"));
    }

    /** Read in the other unit it is twelve times off: only a figure printed in inch-pounds may speak of them. */
    @ParameterizedTest
    @MethodSource("all")
    void speaksOfInchPoundsOnlyWhereItAsksThem(AdjustmentProcedure procedure) {
        assertThat(procedure.steps())
                .filteredOn(step -> (step.says() + step.lookOutFor()).contains("nch-pound"))
                .allSatisfy(step ->
                        assertThat(procedure.asksInchPounds(step.kind())).isTrue());
    }

    @Test
    void fingersAskForNoWrench() {
        AdjustmentProcedure fingers = StandardProcedures.of(ProcedureId.SEAT_AND_FINGER_TIGHT);

        assertThat(fingers.asksWrench(StepKind.SEAT)).isTrue();
        assertThat(fingers.asksInchPounds(StepKind.SEAT)).isFalse();
        assertThat(fingers.asksWrench(StepKind.FINAL)).isFalse();
        assertThat(fingers.finalTorque()).as("still a guard").isPresent();
        assertThat(StandardProcedures.of(ProcedureId.INCH_POUND).asksInchPounds(StepKind.SEAT))
                .isTrue();
        assertThat(StandardProcedures.of(ProcedureId.LOCK_AND_FREE).asksWrench(StepKind.SEAT))
                .isFalse();
    }

    /** The file read again says what the product goes by; and column by column what was written. */
    @Test
    void readsWhatIsWritten() throws IOException {
        try (InputStream file =
                requireNonNull(AdjustmentProcedure.class.getResourceAsStream("adjustment-procedures.csv"))) {
            assertThat(StandardProcedures.read("again", new InputStreamReader(file, StandardCharsets.UTF_8)))
                    .isEqualTo(StandardProcedures.all())
                    .hasSizeGreaterThan(10);
        }
        List<AdjustmentProcedure> read = StandardProcedures.read("ours", new StringReader(HEADERS + """
                        procedure|ONE|First|here|so|talk|yes
                        step|SEAT|hard|10-20 N·m|90|TURN_BOTH_WAYS|5|care
                        step|FINAL|soft|~15 lbf·in+||HOLD_STILL||
                        procedure|TWO|Second|there|else|book|no
                        step|SEAT|push|||TURN_BOTH_WAYS|3|"""));

        assertThat(read)
                .containsExactly(
                        new AdjustmentProcedure(
                                new ProcedureId("ONE"),
                                "First",
                                "here",
                                "so",
                                "talk",
                                true,
                                List.of(
                                        new SequenceStep(
                                                StepKind.SEAT,
                                                "hard",
                                                TorqueRange.between(10, 20, TorqueUnit.NEWTON_METRE),
                                                false,
                                                Turn.ofDegrees(90),
                                                HubMotion.TURN_BOTH_WAYS,
                                                5,
                                                "care"),
                                        new SequenceStep(
                                                StepKind.FINAL,
                                                "soft",
                                                TorqueRange.atLeast(15, TorqueUnit.POUND_FORCE_INCH),
                                                true,
                                                null,
                                                HubMotion.HOLD_STILL,
                                                0,
                                                ""))),
                        new AdjustmentProcedure(
                                new ProcedureId("TWO"),
                                "Second",
                                "there",
                                "else",
                                "book",
                                false,
                                List.of(new SequenceStep(
                                        StepKind.SEAT, "push", null, false, null, HubMotion.TURN_BOTH_WAYS, 3, ""))));
        assertThatThrownBy(() -> StandardProcedures.read("ours", new StringReader(HEADERS + "procedure|ONE|First\n")))
                .hasMessageStartingWith("ours:3: 3 columns, not 7");
    }

    @Test
    void namesTheLineOfABadRow() {
        assertNames("# ours\nstep|SEAT|hard|50 stone||\n", "ours:4: 6 columns, not 8");
        assertNames("step|SEAT|hard|50 stone||TURN_BOTH_WAYS||\n", "ours:3: unit of torque stone");
        assertNames("rule|SEAT|hard\n", "ours:3: no kind of row: rule");
    }

    private static void assertNames(String rows, String what) {
        assertThatThrownBy(() -> StandardProcedures.read("ours", new StringReader(HEADERS + rows)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageStartingWith(what);
    }

    private static AdjustmentProcedure procedure(String id) {
        return BY_ID.getOrDefault(id, ALL.getFirst());
    }

    private static void assertInchPounds(TorqueRange range, double least, double most) {
        assertThat(range.least().poundForceInches()).isCloseTo(least, within(1e-9));
        assertThat(range.most().poundForceInches()).isCloseTo(most, within(1e-9));
    }
}
