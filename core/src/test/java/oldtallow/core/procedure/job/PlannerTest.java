package oldtallow.core.procedure.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.sequence.StandardProcedures;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.hub.part.Part;
import oldtallow.core.hub.part.StackedPart;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Choices.InboardCone;
import oldtallow.core.procedure.brief.Choices.RaceFitting;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.JobBrief.Known;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.look.AfterDrive;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class PlannerTest {

    /** What a mechanic would really meet: it can be done, and speaks of its own hub. All the rest: {@link EveryPlanTest}. */
    @Test
    void whatIsWorthReadingCanBeDoneAndRead() {
        List<String> faults = Briefs.worthReading()
                .map(Planner::plan)
                .flatMap(plan ->
                        Stream.concat(WheelEndInTheShop.fault(plan).stream(), PlanWording.faults(plan).stream()))
                .distinct()
                .limit(12)
                .toList();

        assertThat(faults).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("oldtallow.core.procedure.job.Briefs#presets")
    void assemblyMirrorsDisassembly(JobBrief brief) {
        List<Part> off = new ArrayList<>(parts(brief, kind -> kind == Kind.REMOVE));
        List<Part> on = parts(brief, Kind::puts);

        if (brief.scope() == Scope.FIRST_BUILD) {
            assertThat(off).isEmpty();
            // everything but the axle's own linings and the cups in the bought hub, snapped in or not
            assertThat(on.stream().filter(part -> part != Part.SNAP_RING)).hasSize((int) brief.stack().parts().stream()
                    .map(StackedPart::part)
                    .filter(part -> part != Part.LININGS && part != Part.SNAP_RING)
                    .filter(part -> !(part.isCup() && brief.comesWithHub(part)))
                    .count());
        } else {
            assertThat(on.reversed()).isEqualTo(off);
        }
    }

    /** Common practice: what is special about each construction has its step. */
    @Test
    void doesWhatIsSpecialAboutEachConstruction() {
        assertThat(ids(Construction.GREASE_THROUGH, Scope.REPACK)).contains("grease.channel", "close.pump");
        assertThat(ids(Construction.ROTOR_HUB, Scope.REPACK)).contains("strip.caliper", "close.caliper");
        assertThat(ids(Construction.FULL_FLOATING_REAR, Scope.REPACK))
                .containsSubsequence("strip.drain", "strip.half-shaft", "strip.spin-again", "strip.outer-nut");
        assertThat(ids(Construction.DRIVE_FLANGE_FRONT, Scope.REPACK))
                .containsSubsequence(
                        "strip.end-cover", "strip.circlip", "strip.shims", "strip.drive-flange", "strip.lock-plate")
                .containsSubsequence("close.drive-flange", "close.shims", "close.circlip", "close.end-cover")
                .doesNotContain("strip.washer", "hub.washer");
        assertThat(ids(Construction.SPACER_SET, Scope.REPACK))
                .containsSubsequence(
                        "strip.nut",
                        "strip.caliper",
                        "strip.upright-flange",
                        "strip.steering-joints",
                        "strip.upright",
                        "strip.outboard-cone",
                        "strip.spacer",
                        "strip.water-shield",
                        "strip.seal",
                        "strip.locking-ring",
                        "strip.inboard-cone")
                .containsSubsequence(
                        "hub.inboard-cone",
                        "hub.locking-ring",
                        "hub.seal",
                        "hub.water-shield",
                        "hub.spacer",
                        "hub.outboard-cone",
                        "hub.outboard-seal",
                        "hub.upright",
                        "hub.caliper",
                        "nut.full-torque")
                .doesNotContain("nut.stop", "nut.fine", "nut.release");
        assertThat(ids(Construction.OIL_BATH_HEAVY, Scope.REPACK))
                .containsSubsequence("look.temperature", "prepare.licence", "close.down", "close.oil", "prove.oil")
                .contains("grease.oil-film")
                .doesNotContain("grease.inboard", "grease.kind");
        assertThat(ids(Construction.CLASSIC_CAR, Scope.RENEW))
                .contains("close.stake", "races.snap-ring-out")
                .containsSubsequence("strip.locating-pins", "strip.disc", "strip.disc-spacer", "strip.nut")
                .containsSubsequence("nut.stop", "close.disc-spacer", "close.disc", "close.locating-pins");
        assertThat(ids(Construction.LOCKING_HUB_FRONT, Scope.RENEW))
                .containsSubsequence("strip.hub-cover", "strip.circlip", "strip.locking-hub")
                .containsSubsequence("races.outboard-out", "races.hub-work", "races.bores", "races.outboard-in");
        assertThat(ids(Construction.LOCKING_HUB_FRONT, Scope.EXCHANGE))
                .doesNotContain("strip.seal", "strip.inboard-cone", "races.hub-work")
                .containsSubsequence("strip.hub-away", "hub.rotor", "hub.on");
        assertThat(step(Construction.STEPPED_UNBRAKED, Scope.EXCHANGE, "strip.hub-away")
                        .how())
                .anyMatch(line -> line.contains("walk it off evenly"));
    }

    /** Locks told apart; common practice: each with its own parts, in its own place. */
    @Test
    void locksAreToldApart() {
        assertThat(ids(Fastening.NUT_AND_TANG_WASHER))
                .containsSubsequence("strip.tang", "strip.nut", "strip.tang-washer", "strip.outboard-cone")
                .containsSubsequence("hub.tang-washer", "hub.nut", "nut.stop", "close.tang")
                .doesNotContain("strip.washer", "close.cotter");
        assertThat(ids(Fastening.PUSH_ON_RETAINER))
                .containsSubsequence("strip.retainer", "strip.nut", "strip.washer")
                .doesNotContain("strip.cotter", "close.cotter");
        assertThat(ids(Fastening.RING_AND_LOCK_PLATE)).doesNotContain("strip.washer", "close.cotter");
        Plan push = Planner.plan(
                Briefs.with(Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK), Fastening.PUSH_ON_RETAINER));
        assertThat(push.newParts()).doesNotContain(Part.RETAINER, Part.COTTER);
    }

    /** The heat is felt on arrival; the roadside begins off the road. */
    @ParameterizedTest
    @MethodSource("oldtallow.core.procedure.job.Briefs#presets")
    void feelsForHeatBeforeAnythingElse(JobBrief brief) {
        List<String> ids = Planner.plan(brief).steps().stream().map(Step::id).toList();

        switch (brief.scope()) {
            case FIRST_BUILD -> assertThat(ids).doesNotContain("look.temperature");
            case ROADSIDE -> assertThat(ids).startsWith("prepare.place", "look.temperature", "prepare.cool");
            default -> assertThat(ids).startsWith("look.temperature");
        }
    }

    /** What the new hub brings is neither bought nor fitted; common practice. */
    @Test
    void fitsOnlyWhatTheNewHubDoesNotBring() {
        assertThat(exchange(HubBrings.NOTHING).newParts()).contains(Part.INBOARD_CUP, Part.INBOARD_CONE, Part.SEAL);
        assertThat(exchange(HubBrings.CUPS).newParts())
                .contains(Part.INBOARD_CONE, Part.OUTBOARD_CONE, Part.SEAL)
                .doesNotContain(Part.INBOARD_CUP);
        assertThat(exchange(HubBrings.BEARINGS).newParts())
                .contains(Part.SEAL, Part.HUB)
                .doesNotContain(Part.INBOARD_CONE, Part.OUTBOARD_CONE);
        assertThat(exchange(HubBrings.READY).newParts()).doesNotContain(Part.SEAL, Part.INBOARD_CONE);
        assertThat(exchange(HubBrings.READY).steps())
                .extracting(Step::id)
                .contains("hub.on-ready", "hub.outboard-cone")
                .doesNotContain("grease.inboard", "hub.seal", "judge.inboard", "remember.spares", "races.inboard-in");
        Plan build = plan(Construction.STEPPED_UNBRAKED, Scope.FIRST_BUILD);
        assertThat(build.steps()).extracting(Step::id).doesNotContain("races.inboard-in");
        assertThat(build.mustChecks()).extracting(Check::id).doesNotContain("grease.goes-with-old");
    }

    /** Figures of the seating in foot-pounds; only a procedure that asks inch-pounds warns of them, and only there. */
    @Test
    void asksForAWrenchOnlyWhereTheProcedurePullsATorque() {
        JobBrief brief = Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK);
        Plan fingers = Planner.plan(brief);
        Plan inches = Planner.plan(Briefs.with(brief, StandardProcedures.of(ProcedureId.INCH_POUND)));
        Plan feel = Planner.plan(Briefs.with(brief, StandardProcedures.of(ProcedureId.LOCK_AND_FREE)));

        assertThat(fingers.find("nut.seat").orElseThrow().tools())
                .contains(Tool.TORQUE_WRENCH)
                .doesNotContain(Tool.TORQUE_WRENCH_SMALL);
        assertThat(fingers.steps()).noneMatch(step -> step.cautions().contains(Caution.INCH_POUNDS));
        assertThat(inches.find("nut.seat").orElseThrow().cautions()).contains(Caution.INCH_POUNDS);
        assertThat(feel.find("nut.seat").orElseThrow().tools())
                .doesNotContain(Tool.TORQUE_WRENCH, Tool.TORQUE_WRENCH_SMALL);
        assertThat(feel.find("nut.release").orElseThrow().what()).isEqualTo("Back it off, trying the hub as you go");
        assertThat(feel.find("nut.fine")).isEmpty();
    }

    /** A condemned brake has something to order and its steps; a new pair brings its spacer. */
    @Test
    void condemnedPartsBringWhatGoesWithThem() {
        Plan linings =
                Planner.plan(Briefs.with(Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK), Set.of(Part.LININGS)));
        JobBrief pair = Briefs.of(Construction.SPACER_SET, Scope.REPACK).condemning(Part.INBOARD_CONE);

        assertThat(linings.newParts()).contains(Part.LININGS);
        assertThat(linings.steps()).extracting(Step::id).containsSubsequence("strip.linings", "hub.linings", "hub.on");
        assertThat(Planner.plan(pair).newParts())
                .contains(Part.SPACER, Part.INBOARD_CONE, Part.OUTBOARD_CONE, Part.OUTBOARD_CUP);
    }

    /** About 15 km before a hub's warmth says anything: one figure. */
    @Test
    void drivesAsFarAsTheWarmthNeeds() {
        assertThat(step(Construction.STEPPED_BRAKED, Scope.REPACK, "prove.drive")
                        .how())
                .anyMatch(line -> line.contains(AfterDrive.ENOUGH_KM + " km"));
        assertThat(step(Construction.STEPPED_BRAKED, Scope.REPACK, "prove.rock").cautions())
                .contains(Caution.FALLING_RIG, Caution.ROLLING_RIG);
    }

    /** Common practice: always new are seal, cotter, staked nut or tab washer and gaskets. */
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
                Briefs.of(Construction.STEPPED_BRAKED, Scope.ROADSIDE), Choices.USUAL.with(RaceFitting.WARMED)));

        assertThat(plan.tools().values().stream().flatMap(Set::stream)).doesNotContain(Tool.OVEN, Tool.PRESS);
        assertThat(plan.supplies().values().stream().flatMap(Set::stream)).doesNotContain(Supply.SOLVENT);
        assertThat(plan.steps()).extracting(Step::id).contains("prepare.bag", "prove.road");
    }

    @Test
    void hooksTheConeOffWithTheNutWhereThatProcedureIsChosen() {
        Plan plan = Planner.plan(Briefs.with(
                Briefs.of(Construction.STEPPED_UNBRAKED, Scope.RENEW), Choices.USUAL.with(InboardCone.HOOKED)));

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

    /** Common practice: about half an hour a side for an unbraked trailer, on the stands, without the drive. */
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
                        brief.procedure(),
                        Set.of(Part.INBOARD_CONE)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("they wear together");
    }

    /** Common practice: each hazard of the trade is on some step where it would hurt. */
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
                Arguments.of(Caution.LEVER_SLIPS, "strip.seal"),
                Arguments.of(Caution.LICENSED_HEAVY, "prepare.licence"),
                Arguments.of(Caution.LICENSED_BRAKES, "close.caliper"));
    }

    private static Plan exchange(HubBrings brings) {
        return Planner.plan(Briefs.chosen(Briefs.of(Construction.STEPPED_UNBRAKED, Scope.EXCHANGE), brings));
    }

    private static List<String> ids(Fastening fastening) {
        return Planner.plan(Briefs.with(Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK), fastening))
                .steps()
                .stream()
                .map(Step::id)
                .toList();
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

    /** Common practice: heat, spin, rock, behind it, under the cap; and then it comes down and is remembered. */
    @Test
    void looksWithoutTakingAnythingApart() {
        assertThat(ids(Scope.LOOK, Construction.STEPPED_BRAKED))
                .containsExactly(
                        "look.temperature",
                        "prepare.odometer",
                        "raise.chock",
                        "raise.jack",
                        "look.spin",
                        "look.rock",
                        "look.leak",
                        "strip.cap",
                        "strip.look-grease",
                        "close.cap",
                        "close.down",
                        "remember.next");
        assertThat(ids(Scope.LOOK, Construction.OIL_BATH_HEAVY))
                .as("the oil shows through its window")
                .doesNotContain("strip.drain", "strip.cap", "close.oil");
    }

    @Test
    void topsUpThroughTheNippleOrToTheMark() {
        assertThat(ids(Scope.TOP_UP, Construction.STRAIGHT_SPINDLE))
                .containsSubsequence("raise.jack", "look.leak", "close.cap-fill", "close.down")
                .doesNotContain("strip.cap", "nut.seat");
        assertThat(ids(Scope.TOP_UP, Construction.OIL_BATH_HEAVY))
                .contains("close.oil")
                .doesNotContain("raise.jack", "strip.drain");
        Fittings plain = HubPreset.of(Construction.STEPPED_BRAKED).fittings();
        assertThat(Scope.TOP_UP.isPossibleOn(Construction.STEPPED_BRAKED, plain))
                .as("pumped into it, grease finds the seal")
                .isFalse();
    }

    private static List<String> ids(Scope scope, Construction construction) {
        return Planner.plan(Briefs.of(construction, scope)).steps().stream()
                .map(Step::id)
                .toList();
    }
}
