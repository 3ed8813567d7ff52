package oldtallow.core.schedule.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.part.Stack;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Briefs;
import oldtallow.core.procedure.job.Planner;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.Torque;
import oldtallow.core.schedule.figure.FigureValue.BoltTorque;
import oldtallow.core.schedule.figure.FigureValue.EndPlay;
import oldtallow.core.schedule.figure.FigureValue.Grease;
import oldtallow.core.schedule.figure.FigureValue.Interval;
import oldtallow.core.schedule.figure.FigureValue.NutSequence;
import oldtallow.core.schedule.figure.FigureValue.Spanners;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.DueRule;
import oldtallow.core.schedule.interval.Duty;
import oldtallow.core.schedule.interval.Trigger;
import oldtallow.core.schedule.interval.Upkeep;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class FiguresTest {

    /** Ranges printed in trailer and car manuals: common practice, from memory. */
    @ParameterizedTest
    @CsvSource({"12.7, 122.0, 162.7", "14, 120, 180", "12, 80, 110", "11.1, 74.6, 101.7", "15.9, 257.6, 440.6"})
    void knowsTheUsualTorqueOfAStud(double millimetres, double least, double most) {
        assertThat(wheelNut(millimetres)).get().satisfies(figure -> {
            var torque = (BoltTorque) figure.value();
            assertThat(torque.least().newtonMetres()).isCloseTo(least, within(0.1));
            assertThat(torque.most().newtonMetres()).isCloseTo(most, within(0.1));
        });
    }

    @Test
    void guessesNoTorqueForAStudNobodyMeasuredOrKnows() {
        assertThat(wheelNut(20)).isEmpty();
        assertThat(CommonPractice.figure(
                        FigureKind.WHEEL_NUT_TORQUE, Construction.ROTOR_HUB, ProcedureId.INCH_POUND, Optional.empty()))
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Construction.class)
    void hasCommonPracticeForEverythingElse(Construction construction) {
        for (FigureKind kind : FigureKind.values()) {
            if (!kind.isBoltTorque() && kind != FigureKind.SPANNERS && kind != FigureKind.INTERVAL) {
                assertThat(CommonPractice.figure(kind, construction, ProcedureId.INCH_POUND, Optional.empty()))
                        .get()
                        .satisfies(figure -> {
                            assertThat(figure.value().kind()).isEqualTo(kind);
                            assertThat(figure.authority()).isEqualTo(Authority.COMMON_PRACTICE);
                        });
            }
        }
    }

    /** 12,000 mi are 19,312 km: trailer axle manuals, from memory; the mile by international agreement of 1959. */
    @Test
    void countsMilesInKilometres() {
        var interval = (Interval)
                CommonPractice.interval(new Upkeep(Duty.TRAILER, false)).value();

        assertThat(interval.rules())
                .contains(
                        new DueRule(DueAction.REPACK, Trigger.Kind.KILOMETRES.of(19_312)),
                        new DueRule(DueAction.REPACK, Trigger.Kind.MONTHS.of(12)));
    }

    /** A torque for every bolt a step tightens, and only where the hub has it. */
    @Test
    void governsBoltsTheHubHas() {
        assertThat(FigureKind.of(ReadingKind.CALIPER_BOLT_TORQUE)).contains(FigureKind.CALIPER_BOLT_TORQUE);
        assertThat(FigureKind.of(ReadingKind.OUTER_NUT_TORQUE)).contains(FigureKind.OUTER_NUT_TORQUE);
        assertThat(FigureKind.of(ReadingKind.SEATING_TORQUE)).isEmpty();
        assertThat(Planner.plan(Briefs.of(Construction.LOCKING_HUB_FRONT, Scope.REPACK)).steps().stream()
                        .flatMap(step -> step.readings().stream())
                        .flatMap(reading -> FigureKind.of(reading).stream()))
                .isNotEmpty()
                .allMatch(kind -> kind.isOn(stack(Construction.LOCKING_HUB_FRONT)));
        assertThat(FigureKind.FLANGE_BOLT_TORQUE.isOn(stack(Construction.STEPPED_BRAKED)))
                .isFalse();
        assertThat(FigureKind.CALIPER_BOLT_TORQUE.isOn(stack(Construction.STEPPED_BRAKED)))
                .isFalse();
        assertThat(FigureKind.CALIPER_BOLT_TORQUE.isOn(stack(Construction.ROTOR_HUB)))
                .isTrue();
        assertThat(FigureKind.WHEEL_NUT_TORQUE.isOn(stack(Construction.STEPPED_BRAKED)))
                .isTrue();
    }

    private static Stack stack(Construction construction) {
        return Briefs.of(construction, Scope.REPACK).stack();
    }

    /** Each text to its last character, a list of rules to its twenty-fourth; equal ends of a torque are one torque. */
    @Test
    void takesTheEnds() {
        assertThat(new NutSequence(ProcedureId.INCH_POUND, "x".repeat(300)).words())
                .hasSize(300);
        assertThat(new Spanners("x".repeat(300)).kind()).isEqualTo(FigureKind.SPANNERS);
        assertThat(new Grease("x".repeat(300)).words()).hasSize(300);
        assertThatThrownBy(() -> new Spanners("x".repeat(301))).hasMessageContaining("1 to 300");
        assertThatThrownBy(() -> new Grease("x".repeat(301))).hasMessageContaining("1 to 300");
        assertThat(BoltTorque.wheelNuts(newtonMetres(1000), newtonMetres(1000))
                        .asked()
                        .most()
                        .newtonMetres())
                .isCloseTo(1000, within(1e-9));
        assertThat(BoltTorque.wheelNuts(newtonMetres(20), newtonMetres(20))
                        .least()
                        .newtonMetres())
                .isCloseTo(20, within(1e-9));
        DueRule rule = new DueRule(DueAction.REPACK, Trigger.Kind.MONTHS.of(12));
        assertThat(new Interval(Collections.nCopies(24, rule)).rules()).hasSize(24);
        assertThatThrownBy(() -> new Interval(Collections.nCopies(25, rule))).hasMessageContaining("25 rules");
        assertThatThrownBy(() -> new BoltTorque(FigureKind.GREASE, newtonMetres(50), newtonMetres(60)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Light trailers go by the graded window, all else by 1 to 5 thou; the nearest stud counts, to its own width. */
    @Test
    void goesByWhatTheHubIs() {
        assertThat(window(Construction.STEPPED_BRAKED)).isEqualTo(EndPlayWindow.LIGHT_TRAILER);
        assertThat(window(Construction.ROTOR_HUB)).isEqualTo(EndPlayWindow.COMMON_PRACTICE);
        for (double stud = 8; stud < 24; stud += 0.05) {
            wheelNut(stud).ifPresent(figure -> assertThat(figure.source()).contains("studs"));
        }
        assertThat(wheelNut(12.4).map(GoverningFigure::value))
                .isEqualTo(wheelNut(12.7).map(GoverningFigure::value));
        assertThat(wheelNut(12.2).map(GoverningFigure::value))
                .isEqualTo(wheelNut(12).map(GoverningFigure::value));
        assertThat(CommonPractice.intervals(new Upkeep(Duty.TRAILER, true)))
                .hasSizeGreaterThan(2)
                .allSatisfy(figure ->
                        assertThat(((Interval) figure.value()).rules()).isNotEmpty())
                .anySatisfy(figure -> assertThat(((Interval) figure.value()).rules())
                        .anyMatch(rule -> rule.action() == DueAction.TOP_UP));
    }

    private static EndPlayWindow window(Construction construction) {
        return ((EndPlay) CommonPractice.figure(
                                FigureKind.END_PLAY, construction, ProcedureId.INCH_POUND, Optional.empty())
                        .orElseThrow()
                        .value())
                .window();
    }

    @Test
    void refusesFiguresNoManualPrints() {
        assertThatThrownBy(() -> new BoltTorque(FigureKind.CALIPER_BOLT_TORQUE, newtonMetres(4.9), newtonMetres(50)))
                .hasMessageContaining("5 to 1000 N·m");
        assertThatThrownBy(() -> new Spanners(" ")).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> BoltTorque.wheelNuts(newtonMetres(19.9), newtonMetres(50)))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> BoltTorque.wheelNuts(newtonMetres(100), newtonMetres(1000.1)))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> BoltTorque.wheelNuts(newtonMetres(120), newtonMetres(100)))
                .hasMessageContaining("least first");
        assertThatThrownBy(() -> new Interval(List.of())).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> Interval.repack(0, Optional.empty())).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> Interval.repack(12, Optional.of(99))).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new Grease(" ")).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new NutSequence(ProcedureId.INCH_POUND, "x".repeat(301)))
                .isInstanceOf(OutOfRangeException.class);
        assertThat(BoltTorque.wheelNuts(newtonMetres(20), newtonMetres(1000)).kind())
                .isEqualTo(FigureKind.WHEEL_NUT_TORQUE);
        assertThat(new EndPlay(EndPlayWindow.COMMON_PRACTICE).kind()).isEqualTo(FigureKind.END_PLAY);
    }

    private static Optional<GoverningFigure<FigureValue>> wheelNut(double stud) {
        return CommonPractice.figure(
                FigureKind.WHEEL_NUT_TORQUE,
                Construction.STEPPED_BRAKED,
                ProcedureId.INCH_POUND,
                Optional.of(Length.ofMillimetres(stud)));
    }

    private static Torque newtonMetres(double number) {
        return Torque.ofNewtonMetres(number);
    }
}
