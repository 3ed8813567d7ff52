package oldtallow.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Predicate;
import java.util.stream.Stream;
import oldtallow.core.hub.Construction;
import oldtallow.core.job.Choices.InboardCone;
import oldtallow.core.job.Choices.RaceFitting;
import oldtallow.core.job.JobBrief.Known;
import oldtallow.core.job.JobBrief.Worker;
import oldtallow.core.part.Part;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.step.Caution;
import oldtallow.core.step.PartMove;
import oldtallow.core.step.PartMove.Kind;
import oldtallow.core.step.Stage;
import oldtallow.core.step.Step;
import oldtallow.core.step.Supply;
import oldtallow.core.step.Tool;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class PlannerTest {

    /** 71 constructions with scopes × 6 locks × 24 combinations of schools that move parts × 2 workers × 5 sets of verdicts. */
    private static final int SCHOOLS = 71 * 6 * 24 * 2 * 5;

    /** 71 × 6 locks × 4 seals × 6 caps × 3 brakes × 5 cavities × 2 ways to get the inboard cone off. */
    private static final int FITTINGS = 71 * 6 * 4 * 6 * 3 * 5 * 2;

    @Test
    void everyPlanOfEverySchoolCanBeDoneInTheShop() {
        assertThat(allCanBeDone(Briefs.everySchool())).isEqualTo(SCHOOLS);
    }

    @Test
    void everyPlanWithEveryFittingCanBeDoneInTheShop() {
        assertThat(allCanBeDone(Briefs.everyFitting())).isEqualTo(FITTINGS);
    }

    @ParameterizedTest
    @MethodSource("oldtallow.core.job.Briefs#presets")
    void assemblyMirrorsDisassembly(JobBrief brief) {
        List<Part> off = new ArrayList<>(parts(brief, kind -> kind == Kind.REMOVE));
        List<Part> on = parts(brief, Kind::puts);

        if (brief.scope() == Scope.FIRST_BUILD) {
            assertThat(off).isEmpty();
            assertThat(on).hasSameSizeAs(brief.stack().parts());
        } else {
            assertThat(on.reversed()).isEqualTo(off);
        }
    }

    /** job.md §1: what is special about each construction has its step. */
    @Test
    void doesWhatIsSpecialAboutEachConstruction() {
        assertThat(ids(Construction.GREASE_THROUGH, Scope.REPACK)).contains("grease.channel", "close.pump");
        assertThat(ids(Construction.ROTOR_HUB, Scope.REPACK)).contains("strip.caliper", "close.caliper");
        assertThat(ids(Construction.FULL_FLOATING_REAR, Scope.REPACK))
                .containsSubsequence("strip.drain", "strip.half-shaft", "strip.spin-again", "strip.outer-nut");
        assertThat(ids(Construction.DRIVE_FLANGE_FRONT, Scope.REPACK))
                .containsSubsequence("strip.circlip", "strip.shims", "strip.drive-flange", "strip.lock-plate");
        assertThat(ids(Construction.SPACER_SET, Scope.REPACK))
                .contains("hub.upright-spacer", "nut.full-torque")
                .doesNotContain("nut.stop", "nut.fine");
        assertThat(ids(Construction.OIL_BATH_HEAVY, Scope.REPACK))
                .startsWith("prepare.licence")
                .contains("close.oil", "grease.oil-film")
                .doesNotContain("grease.inboard");
        assertThat(ids(Construction.CLASSIC_CAR, Scope.RENEW)).contains("close.stake", "races.snap-ring-out");
        assertThat(step(Construction.LOCKING_HUB_FRONT, Scope.RENEW, "hub.on").checks())
                .extracting("id")
                .contains("hub.no-gap");
        assertThat(step(Construction.HUB_EXCHANGE, Scope.EXCHANGE, "strip.inboard-cone")
                        .how())
                .anyMatch(line -> line.contains("walk it off evenly"));
    }

    /** job.md §3, stage 0: always new are seal, cotter, staked nut or tab washer and gaskets. */
    @Test
    void namesWhatIsAlwaysNew() {
        assertThat(plan(Construction.STEPPED_BRAKED, Scope.REPACK).alwaysNew()).containsExactly(Part.COTTER, Part.SEAL);
        assertThat(plan(Construction.CLASSIC_CAR, Scope.ADJUST).alwaysNew()).contains(Part.NUT);
        assertThat(plan(Construction.FULL_FLOATING_REAR, Scope.REPACK).alwaysNew())
                .contains(Part.FLANGE_GASKET, Part.TAB_WASHER, Part.STUB_SEAL, Part.SEAL);
        assertThat(plan(Construction.STEPPED_BRAKED, Scope.RENEW).newParts())
                .contains(Part.INBOARD_CONE, Part.INBOARD_CUP, Part.OUTBOARD_CONE, Part.OUTBOARD_CUP)
                .doesNotContain(Part.NUT, Part.WASHER, Part.HUB);
    }

    @Test
    void onlyAdjustingLeavesTheHubOn() {
        assertThat(plan(Construction.STEPPED_BRAKED, Scope.ADJUST).steps().stream()
                        .flatMap(step -> step.moves().stream())
                        .map(PartMove::part))
                .containsOnly(Part.CAP, Part.COTTER);
    }

    @Test
    void oneBadBearingBringsItsRacesStepsAndNoOthers() {
        JobBrief brief = Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK).condemning(Part.INBOARD_CUP);

        assertThat(Planner.plan(brief).steps())
                .extracting(Step::id)
                .contains("races.inboard-out", "races.inboard-in")
                .doesNotContain("races.outboard-out", "races.outboard-in");
        assertThat(parts(brief, kind -> kind == Kind.RENEW)).contains(Part.INBOARD_CONE, Part.INBOARD_CUP);
    }

    @Test
    void theRoadsideHasNeitherOvenNorSolvent() {
        Plan plan = Planner.plan(Briefs.with(
                Briefs.of(Construction.STEPPED_BRAKED, Scope.ROADSIDE),
                Briefs.with(Choices.USUAL, RaceFitting.WARMED)));

        assertThat(plan.tools().values().stream().flatMap(Set::stream)).doesNotContain(Tool.OVEN, Tool.PRESS);
        assertThat(plan.supplies().values().stream().flatMap(Set::stream)).doesNotContain(Supply.SOLVENT);
        assertThat(plan.steps()).extracting(Step::id).contains("prepare.bag", "prove.road");
    }

    @Test
    void hooksTheConeOffWithTheNutWhereThatSchoolIsChosen() {
        Plan plan = Planner.plan(Briefs.with(
                Briefs.of(Construction.STEPPED_UNBRAKED, Scope.RENEW), Briefs.with(Choices.USUAL, InboardCone.HOOKED)));

        assertThat(plan.steps())
                .extracting(Step::id)
                .contains("strip.hook")
                .doesNotContain("strip.hub", "strip.seal", "strip.inboard-cone");
    }

    @Test
    void anApprenticeShowsRacesAndSettingToAMechanic() {
        JobBrief brief = Briefs.with(Briefs.of(Construction.STEPPED_BRAKED, Scope.RENEW), Worker.APPRENTICE);

        assertThat(Planner.plan(brief).steps())
                .filteredOn(Step::byMechanic)
                .extracting(Step::id)
                .containsExactly("races.shown", "nut.shown");
    }

    @Test
    void asksOnlyForWhatTheRecordsDoNotSay() {
        JobBrief known = Briefs.with(Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK), new Known(true, true, true));

        assertThat(Planner.plan(known).steps())
                .extracting(Step::id)
                .doesNotContain("prepare.figures", "prepare.numbers");
    }

    /** job.md §5: about half an hour a side for an unbraked trailer (common practice), on the stands, without the drive. */
    @Test
    void takesAboutHalfAnHourASideOnAnUnbrakedTrailer() {
        Duration onTheStands = plan(Construction.STEPPED_UNBRAKED, Scope.REPACK).steps().stream()
                .filter(step -> step.stage().compareTo(Stage.STRIP) >= 0 && step.stage() != Stage.PROVE)
                .map(Step::usually)
                .reduce(Duration.ZERO, Duration::plus);

        assertThat(onTheStands).isBetween(Duration.ofMinutes(25), Duration.ofMinutes(50));
    }

    @Test
    void listsEachToolWithTheStageThatFirstNeedsIt() {
        Plan plan = plan(Construction.STEPPED_BRAKED, Scope.RENEW);

        assertThat(plan.tools().get(Stage.RAISE)).contains(Tool.JACK, Tool.STANDS, Tool.CHOCKS);
        assertThat(plan.tools().get(Stage.RACES)).contains(Tool.RACE_DRIVER).doesNotContain(Tool.LAMP);
    }

    @Test
    void refusesAHubExchangeOnAnUpright() {
        assertThatThrownBy(() -> Briefs.of(Construction.SPACER_SET, Scope.EXCHANGE))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("renew them");
    }

    @Test
    void refusesAConeWithoutItsCup() {
        JobBrief brief = Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK);

        assertThatThrownBy(() -> new JobBrief(
                        brief.construction(),
                        brief.fastening(),
                        brief.fittings(),
                        brief.scope(),
                        brief.choices(),
                        brief.known(),
                        brief.worker(),
                        Set.of(Part.INBOARD_CONE)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("they wear together");
    }

    /** job.md §6: each hazard of the trade is on some step where it would hurt. */
    @ParameterizedTest
    @MethodSource("hazards")
    void everyHazardOfTheTradeHasItsCautions(Caution caution, String where) {
        assertThat(Briefs.presets()
                        .map(Planner::plan)
                        .flatMap(plan -> plan.steps().stream())
                        .filter(step -> step.cautions().contains(caution))
                        .map(Step::id))
                .contains(where);
    }

    static Stream<Arguments> hazards() {
        return Stream.of(
                Arguments.of(Caution.FALLING_RIG, "raise.jack"),
                Arguments.of(Caution.STEEL_CHIPS, "races.inboard-out"),
                Arguments.of(Caution.AIR_ON_BEARING, "clean.cones"),
                Arguments.of(Caution.BRAKE_DUST, "strip.drum"),
                Arguments.of(Caution.HOT_HUB, "look.temperature"),
                Arguments.of(Caution.SOLVENT, "clean.cones"),
                Arguments.of(Caution.HEAVY_WHEEL, "strip.wheel"),
                Arguments.of(Caution.SPRING_CLIP, "strip.circlip"),
                Arguments.of(Caution.BRAKE_HOSE, "strip.caliper"),
                Arguments.of(Caution.WHEEL_NUTS, "close.wheel-nuts"),
                Arguments.of(Caution.NO_PEDAL, "close.pedal"),
                Arguments.of(Caution.LICENSED_HEAVY, "prepare.licence"),
                Arguments.of(Caution.LICENSED_BRAKES, "close.caliper"));
    }

    private static int allCanBeDone(Stream<JobBrief> briefs) {
        var count = new AtomicInteger();
        List<String> faults = briefs.parallel()
                .peek(brief -> count.incrementAndGet())
                .flatMap(brief -> WheelEndInTheShop.fault(Planner.plan(brief)).stream())
                .limit(3)
                .toList();
        assertThat(faults).isEmpty();
        return count.get();
    }

    private static Plan plan(Construction construction, Scope scope) {
        return Planner.plan(Briefs.of(construction, scope));
    }

    private static List<String> ids(Construction construction, Scope scope) {
        return plan(construction, scope).steps().stream().map(Step::id).toList();
    }

    private static Step step(Construction construction, Scope scope, String id) {
        return plan(construction, scope).find(id).orElseThrow();
    }

    private static List<Part> parts(JobBrief brief, Predicate<Kind> which) {
        return Planner.plan(brief).steps().stream()
                .flatMap(step -> step.moves().stream())
                .filter(move -> which.test(move.kind()))
                .map(PartMove::part)
                .toList();
    }
}
