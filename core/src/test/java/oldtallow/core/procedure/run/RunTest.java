package oldtallow.core.procedure.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Briefs;
import oldtallow.core.procedure.job.Planner;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Check.Meaning;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** How the hands move: common practice of workshops, where nothing else is said. */
class RunTest {

    /** Stops after which nothing of the same card may follow: what they decide changes what comes. */
    private static final Set<Stop> ENDS = EnumSet.of(Stop.VERDICT, Stop.CHOICE, Stop.READING, Stop.SETTING, Stop.WAIT);

    static Stream<JobBrief> everyPreset() {
        return Briefs.presets();
    }

    @ParameterizedTest
    @MethodSource("everyPreset")
    void leavesNoStepOutAndKeepsTheirOrder(JobBrief brief) {
        List<Step> steps = Planner.plan(brief).steps();

        assertThat(Run.of(steps).stream().flatMap(run -> run.steps().stream())).isEqualTo(steps);
    }

    @ParameterizedTest
    @MethodSource("everyPreset")
    void endsWhereSomethingIsDecided(JobBrief brief) {
        for (Run run : Run.of(Planner.plan(brief).steps())) {
            List<Step> before = run.steps().subList(0, run.steps().size() - 1);

            List<Stage> stages =
                    run.steps().stream().map(Step::stage).distinct().toList();
            assertThat(stages).hasSizeLessThanOrEqualTo(2);
            if (stages.size() > 1) {
                assertThat(run.steps()).as("one glance: %s", run).hasSizeLessThanOrEqualTo(9);
                assertThat(run.stop()).isEqualTo(Stop.MUST);
            }
            assertThat(before).noneMatch(step -> ENDS.contains(Stop.of(step)));
            assertThat(run.steps().stream()
                            .map(Stop::of)
                            .filter(stop -> stop != Stop.NONE)
                            .distinct()
                            .count())
                    .as("one card, one thing to stop for: %s", run)
                    .isLessThanOrEqualTo(1);
        }
    }

    /** What one step says must hold, all on one press; never what two steps say differently. */
    @ParameterizedTest
    @MethodSource("everyPreset")
    void saysOneThingThatMustHold(JobBrief brief) {
        for (Run run : Run.of(Planner.plan(brief).steps())) {
            assertThat(run.steps().stream()
                            .filter(step -> step.checks().stream().anyMatch(Check::must))
                            .map(step -> step.checks().stream()
                                    .filter(Check::must)
                                    .map(Check::says)
                                    .toList())
                            .distinct()
                            .count())
                    .isLessThanOrEqualTo(1);
        }
    }

    /** Cotter, nut, washer, outboard cone: in a row on the rag. */
    @Test
    void takesTheFrontOffInOneGo() {
        Run off = runWith("strip.nut", Construction.STEPPED_UNBRAKED, Scope.REPACK);

        assertThat(off.steps().stream()
                        .flatMap(step -> step.moves().stream())
                        .map(PartMove::part)
                        .filter(part -> part != Part.SEAL_SLEEVE))
                .startsWith(Part.COTTER, Part.NUT, Part.WASHER, Part.OUTBOARD_CONE, Part.HUB);
        assertThat(off.stop()).isEqualTo(Stop.NONE);
    }

    @Test
    void looksAtSpinRockAndLeakTogether() {
        assertThat(ids(runWith("look.rock", Construction.STEPPED_BRAKED, Scope.REPACK)))
                .containsExactly("look.spin", "look.rock", "look.leak");
    }

    /** Both cones are packed before the hands are wiped, and one look at both says whether they are. */
    @Test
    void packsBothConesInOneGo() {
        Run packing = runWith("grease.outboard", Construction.STEPPED_BRAKED, Scope.REPACK);

        assertThat(ids(packing)).startsWith("grease.inboard", "grease.outboard");
        assertThat(packing.stop()).isEqualTo(Stop.MUST);
    }

    /** A cup is home or not before the next goes in; standing on stands is felt before anything is looked at. */
    @ParameterizedTest
    @CsvSource({
        "races.inboard-in,READING",
        "races.outboard-in,READING",
        "raise.jack,MUST",
        "nut.stop,SETTING",
        "nut.play,READING",
        "prove.temperature,READING",
        "grease.kind,CHOICE",
        "judge.inboard,VERDICT"
    })
    void stopsWhereItMatters(String id, Stop stop) {
        Run run = runWith(id, Construction.STEPPED_BRAKED, Scope.RENEW);

        assertThat(run.steps().getLast().id()).isEqualTo(id);
        assertThat(run.stop()).isEqualTo(stop);
    }

    /** Figures are read with one hand on the jack: what prepares a short job and what raises it are one card. */
    @Test
    void getsReadyAndRaisesInOneGo() {
        List<Step> plan = Planner.plan(Briefs.of(Construction.STEPPED_BRAKED, Scope.ADJUST))
                .steps();

        assertThat(ids(Run.of(plan).getFirst())).startsWith("look.temperature").endsWith("raise.jack");
        assertThat(ids(Run.of(plan, true).getFirst()))
                .as("beside other hubs each stage is gone round")
                .doesNotContain("raise.jack");
    }

    /**
     * Budgets of this product: one confirmed run is one press, and the setting of the nut is two, to the dial and backed off. A
     * rescue at the roadside may take one more than its 20 where something must be looked at that other hubs do not have, such
     * as a snap ring or grease that comes at the front.
     */
    @ParameterizedTest
    @MethodSource("everyPreset")
    void staysWithinWhatAHandPutsUpWith(JobBrief brief) {
        int most = switch (brief.scope()) {
            case REPACK -> brief.fittings().brake() == BrakeKind.NONE ? 25 : 28;
            case ADJUST -> 12;
            case ROADSIDE -> 20 + 1;
            default -> 36;
        };
        List<Run> runs = Run.of(Planner.plan(brief).steps());
        long settings = runs.stream().filter(run -> run.stop() == Stop.SETTING).count();

        assertThat(runs).hasSizeLessThanOrEqualTo(most - (int) settings);
    }

    /** The card of the setting opens the nut dial: on an unbraked repack by the 15th press at the latest. */
    @ParameterizedTest
    @EnumSource(
            value = Construction.class,
            names = {"STRAIGHT_SPINDLE", "STEPPED_UNBRAKED"})
    void isSoonAtTheDial(Construction construction) {
        List<Run> runs =
                Run.of(Planner.plan(Briefs.of(construction, Scope.REPACK)).steps());

        assertThat(runs.stream().takeWhile(run -> run.stop() != Stop.SETTING)).hasSizeLessThan(15);
    }

    @Test
    void cleansBeforeItJudges() {
        List<Stage> stages = Run.of(Planner.plan(Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK))
                        .steps())
                .stream()
                .map(Run::stage)
                .toList();

        assertThat(stages).isSorted();
    }

    @Test
    void waitsAreNotWorkedThrough() {
        Step oil = Planner.plan(Briefs.of(Construction.OIL_BATH_HEAVY, Scope.REPACK)).steps().stream()
                .filter(step -> step.timer().isPresent())
                .findFirst()
                .orElseThrow();

        assertThat(runWith(oil.id(), Construction.OIL_BATH_HEAVY, Scope.REPACK)
                        .steps()
                        .getLast())
                .isEqualTo(oil);
    }

    @Test
    void isNeverEmpty() {
        assertThat(Run.of(List.of())).isEmpty();
        assertThatThrownBy(() -> new Run(List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    /** No step is without a reason to stop that a setting on record would answer. */
    @Test
    void theSettingIsACardOfItsOwnKind() {
        Run setting = runWith("nut.stop", Construction.STEPPED_BRAKED, Scope.ADJUST);

        assertThat(setting.steps().getLast().checks()).anyMatch(check -> check.meaning() == Meaning.SETTING_RECORDED);
    }

    private static Run runWith(String id, Construction construction, Scope scope) {
        return Run.of(Planner.plan(Briefs.of(construction, scope)).steps()).stream()
                .filter(run -> ids(run).contains(id))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> ids(Run run) {
        return run.steps().stream().map(Step::id).toList();
    }
}
