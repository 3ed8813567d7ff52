package oldtallow.app.setting.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import oldtallow.app.register.TestProcedures;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.setting.model.Hubs;
import oldtallow.app.setting.model.NewNutSetting.FinalTorque;
import oldtallow.app.setting.model.NutSetting;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPlate;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.quantity.Turn;
import oldtallow.core.refusal.FieldError;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.nut.NutReading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SettingJudgeTest {

    private static final AdjustmentProcedure PROCEDURE =
            TestProcedures.standard().require(ProcedureId.SEAT_AND_FINGER_TIGHT);

    @Test
    void worksTheEndPlayOutFromTheAngle() {
        NutSetting setting = judge(Hubs.report());

        assertThat(setting.endPlay().millimetres()).isCloseTo(0.085675, within(5e-7));
        assertThat(setting.verdict()).isEqualTo(EndPlayVerdict.INSIDE);
        assertThat(setting.window().authority()).isEqualTo(Authority.COMMON_PRACTICE);
    }

    @Test
    void trustsTheReadingOverTheAngle() {
        NutSetting setting = judge(Hubs.report().measured(0.2).note("one thou of slack in the cage"));

        assertThat(setting.verdict()).isEqualTo(EndPlayVerdict.TOO_LOOSE);
        assertThat(setting.endPlay().millimetres()).isLessThan(0.1);
    }

    @Test
    void keepsTheExactAngleOfAStopThatHasNoDecimalEnd() {
        WheelEnd plate = Hubs.with(new LockPlate(14, 7, 7));
        // 1/14 turn is 25.714285…°, sent with three decimals
        NutSetting setting = SettingJudge.judge(
                Hubs.report()
                        .reading(NutReading.atZeroPlay(1, Turn.ZERO))
                        .backedOff("25.714")
                        .note("plate allows no closer")
                        .build(),
                PROCEDURE,
                Hubs.TOBE,
                plate,
                Hubs.COMMON,
                Hubs.NOW);

        assertThat(setting.backOffDegrees()).isEqualTo(360.0 / 14);
    }

    @ParameterizedTest
    @ValueSource(strings = {"16.9", "17.01", "0", "90"})
    void refusesAnAngleAtWhichTheNutCannotBeLocked(String degrees) {
        assertThat(refusals(Hubs.report().backedOff(degrees))).singleElement().satisfies(error -> {
            assertThat(error.field()).isEqualTo("backOffDegrees");
            assertThat(error.remedy()).contains("nearest are");
        });
    }

    @Test
    void neverRecordsPreload() {
        assertThat(refusals(Hubs.report().backedOff("-13").note("it felt right")))
                .anySatisfy(error -> {
                    assertThat(error.field()).isEqualTo("backOffDegrees");
                    assertThat(error.remedy()).contains("must not be tighter than zero play");
                });
    }

    @Test
    void recordsPreloadWhereTheMakerAsksForIt() {
        var asked = new GoverningFigure<>(
                new EndPlayWindow(Length.ofMillimetres(-0.08), Length.ZERO), Authority.MAKER, "manual, p. 9");
        WheelEnd preloaded = Hubs.castleNut();

        NutSetting setting = SettingJudge.judge(
                Hubs.report().backedOff("-13").build(), PROCEDURE, Hubs.TOBE, preloaded, asked, Hubs.NOW);

        assertThat(setting.verdict()).isEqualTo(EndPlayVerdict.INSIDE);
        assertThat(setting.endPlay().isNegative()).isTrue();
    }

    @Test
    void wantsAReasonForAStopOutsideTheWindow() {
        assertThat(refusals(Hubs.report().backedOff("47")))
                .extracting(FieldError::field)
                .containsExactly("note");
        assertThat(judge(Hubs.report().backedOff("47").note("worn, to get home"))
                        .verdict())
                .isEqualTo(EndPlayVerdict.TOO_LOOSE);
    }

    @Test
    void questionsInchPoundsEnteredAsFootPoundsUntilConfirmed() {
        assertThat(refusals(Hubs.report().torque(new FinalTorque(10, TorqueUnit.POUND_FORCE_FOOT, false))))
                .extracting(FieldError::field)
                .containsExactly("finalTorque.confirmed");
        assertThat(judge(Hubs.report().torque(new FinalTorque(10, TorqueUnit.POUND_FORCE_FOOT, true)))
                        .verdict())
                .isEqualTo(EndPlayVerdict.INSIDE);
        assertThat(judge(Hubs.report().torque(new FinalTorque(10, TorqueUnit.POUND_FORCE_INCH, false)))
                        .verdict())
                .isEqualTo(EndPlayVerdict.INSIDE);
    }

    @Test
    void wantsAReadingWhereLockingTakesUpPlay() {
        WheelEnd twoNuts = Hubs.with(FreeAngleLock.TWO_NUTS);
        Hubs.Report report =
                Hubs.report().reading(NutReading.atZeroPlay(1, Turn.ZERO)).backedOff("15.1");

        assertThat(refusals(report, twoNuts)).extracting(FieldError::field).containsExactly("measuredEndPlay");
        NutSetting setting =
                SettingJudge.judge(report.measured(0.06).build(), PROCEDURE, Hubs.TOBE, twoNuts, Hubs.COMMON, Hubs.NOW);
        assertThat(setting.engagedMarks()).isEmpty();
        assertThat(setting.verdict()).isEqualTo(EndPlayVerdict.INSIDE);
    }

    @Test
    void refusesAHoleTheSpindleDoesNotHave() {
        assertThat(refusals(Hubs.report().reading(NutReading.atZeroPlay(3, Turn.ofDegrees(17)))))
                .extracting(FieldError::field)
                .containsExactly("reading.mark");
    }

    @Test
    void tellsEverythingThatIsWrongAtOnce() {
        assertThat(refusals(Hubs.report()
                        .at(Hubs.NOW.plus(Duration.ofDays(1)))
                        .measured(5)
                        .backedOff("16")
                        .note("x".repeat(1001))))
                .extracting(FieldError::field)
                .containsExactlyInAnyOrder("setAt", "measuredEndPlay", "backOffDegrees", "note");
    }

    @ParameterizedTest
    @ValueSource(strings = {"1949-12-31T23:59:59Z", "2026-05-14T12:10:01Z"})
    void refusesATimeThatCannotBe(String when) {
        assertThat(refusals(Hubs.report().at(Instant.parse(when))))
                .extracting(FieldError::field)
                .containsExactly("setAt");
    }

    @ParameterizedTest
    @ValueSource(strings = {"1950-01-01T00:00:00Z", "2026-05-14T12:10:00Z"})
    void takesTheEndsOfTime(String when) {
        assertThat(judge(Hubs.report().at(Instant.parse(when))).recordedAt()).isEqualTo(Hubs.NOW);
    }

    private static NutSetting judge(Hubs.Report report) {
        return SettingJudge.judge(report.build(), PROCEDURE, Hubs.TOBE, Hubs.castleNut(), Hubs.COMMON, Hubs.NOW);
    }

    private static List<FieldError> refusals(Hubs.Report report) {
        return refusals(report, Hubs.castleNut());
    }

    private static List<FieldError> refusals(Hubs.Report report, WheelEnd end) {
        var refused = new ArrayList<FieldError>();
        assertThatThrownBy(() -> SettingJudge.judge(report.build(), PROCEDURE, Hubs.TOBE, end, Hubs.COMMON, Hubs.NOW))
                .isInstanceOfSatisfying(InvalidInputException.class, e -> refused.addAll(e.errors()));
        return refused;
    }
}
