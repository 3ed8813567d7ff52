package oldtallow.core.procedure.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class ReplanTest {

    private static final JobBrief REPACK = Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK);

    @Test
    void anUntouchedJobIsTheWholePlan() {
        Plan plan = Planner.plan(REPACK);

        assertThat(Replan.rest(plan, List.of())).isEqualTo(plan.steps());
    }

    @ParameterizedTest
    @MethodSource("oldtallow.core.procedure.job.Briefs#presets")
    void withNothingChangedTheRestIsWhatWasNotDone(JobBrief brief) {
        Plan plan = Planner.plan(brief);
        for (int done = 0; done <= plan.steps().size(); done++) {
            assertThat(Replan.rest(plan, plan.steps().subList(0, done)))
                    .as("after %d steps", done)
                    .isEqualTo(plan.steps().subList(done, plan.steps().size()));
        }
    }

    @Test
    void aRepackTurnsIntoARenewalAfterJudging() {
        List<Step> done = through(Planner.plan(REPACK), Stage.JUDGE);
        JobBrief renewal = REPACK.condemning(Part.INBOARD_CONE).condemning(Part.OUTBOARD_CONE);

        List<Step> rest = Replan.rest(Planner.plan(renewal), done);

        assertThat(rest.getFirst().what())
                .as("asked for before it is needed")
                .isEqualTo("Have here, new: outboard cone, inboard cone, inboard cup, outboard cup");
        assertThat(rest.get(1).stage()).isEqualTo(Stage.RACES);
        assertThat(rest).extracting(Step::id).contains("races.inboard-out", "races.outboard-in");
        assertThat(rest).noneMatch(step -> step.stage().compareTo(Stage.JUDGE) < 0);
    }

    /** A cup that moved under the wrench: what lies over it comes off, it is seated anew, the other one stays. */
    @Test
    void goesBackToACupThatWasNotHome() {
        JobBrief renewal = REPACK.condemning(Part.INBOARD_CONE).condemning(Part.OUTBOARD_CONE);
        Plan plan = Planner.plan(renewal);
        List<Step> done = new ArrayList<>(through(plan, Stage.SEAL_AND_HUB));
        done.removeIf(step -> step.id().equals("races.inboard-in"));

        List<Step> rest = Replan.rest(plan, done, Set.of(Part.INBOARD_CUP));

        assertThat(rest.getFirst().stage()).isEqualTo(Stage.STRIP);
        assertThat(rest)
                .extracting(Step::id)
                .contains("strip.hub", "races.inboard-in", "nut.seat")
                .doesNotContain("races.inboard-out", "races.outboard-in");
    }

    /** Proved and found wrong: raised, cap and lock off, set, closed, down, driven again; the wheel stays on. */
    @Test
    void goesBackToTheSettingAfterTheDrive() {
        Plan plan = Planner.plan(REPACK);
        List<Step> done = new ArrayList<>(through(plan, Stage.PROVE));
        done.removeIf(Replan::isUndoneByReset);

        List<Step> rest = Replan.rest(plan, done, Set.of(), Replan.overTheNut(plan));

        assertThat(rest)
                .extracting(Step::id)
                .containsSubsequence(
                        "raise.jack",
                        "strip.cap",
                        "strip.cotter",
                        "nut.seat",
                        "nut.stop",
                        "close.cotter",
                        "close.cap",
                        "close.down",
                        "close.wheel-nuts",
                        "prove.drive",
                        "prove.temperature")
                .doesNotContain(
                        "strip.wheel",
                        "strip.nut",
                        "hub.nut",
                        "raise.crack-nuts",
                        "close.brake-faces",
                        "grease.inboard");
    }

    static Stream<JobBrief> setting() {
        return Briefs.presets().filter(brief -> brief.scope().setsNut());
    }

    @ParameterizedTest
    @MethodSource("setting")
    void theSettingCanBeOpenedAgainOnEveryConstruction(JobBrief brief) {
        Plan plan = Planner.plan(brief);
        List<Step> done = new ArrayList<>(plan.steps());
        done.removeIf(Replan::isUndoneByReset);
        Set<Part> over = new HashSet<>(Replan.overTheNut(plan));

        List<Step> rest = Replan.rest(plan, done, Set.of(), over);
        assertThat(rest).anyMatch(step -> step.stage() == Stage.SET_NUT).anyMatch(step -> step.stage() == Stage.PROVE);
        for (int i = 0; i < rest.size(); i++) {
            assertThat(Replan.rest(plan, done, Set.of(), over))
                    .as("after %d more", i)
                    .isEqualTo(rest.subList(i, rest.size()));
            done.add(rest.get(i));
            rest.get(i).moves().forEach(move -> over.remove(move.part()));
        }
        assertThat(Replan.rest(plan, done, Set.of(), over)).isEmpty();
        assertThat(Ledger.after(done, brief).isEmpty()).isTrue();
    }

    @Test
    void aHubFoundBadAfterItWasClosedComesApartAgain() {
        List<Step> done = through(Planner.plan(REPACK), Stage.SET_NUT);
        JobBrief renewal = REPACK.condemning(Part.OUTBOARD_CONE);

        List<Step> rest = Replan.rest(Planner.plan(renewal), done);

        assertThat(rest)
                .extracting(Step::id)
                .containsSubsequence(
                        "strip.nut",
                        "strip.outboard-cone",
                        "races.outboard-out",
                        "races.outboard-in",
                        "hub.on",
                        "nut.seat")
                .doesNotContain("strip.wheel", "strip.cap", "raise.jack", "races.inboard-out");
    }

    @Test
    void whatIsLeftStaysLeftWhileItIsDoneStepByStep() {
        Plan renewal = Planner.plan(REPACK.condemning(Part.OUTBOARD_CONE));
        List<Step> done = new ArrayList<>(through(Planner.plan(REPACK), Stage.SET_NUT));
        List<Step> left = Replan.rest(renewal, done);

        for (int i = 0; i < left.size(); i++) {
            assertThat(Replan.rest(renewal, done)).as("after %d more", i).isEqualTo(left.subList(i, left.size()));
            done.add(left.get(i));
        }
        assertThat(Replan.rest(renewal, done)).isEmpty();
    }

    @Test
    void adjustingTurnsIntoARepack() {
        Plan adjusting = Planner.plan(REPACK.within(Scope.ADJUST));

        List<Step> rest = Replan.rest(Planner.plan(REPACK), adjusting.steps());

        assertThat(rest)
                .extracting(Step::id)
                .containsSubsequence("strip.wheel", "strip.cap", "strip.cotter", "strip.nut", "nut.seat", "close.spin")
                .containsSubsequence("raise.crack-nuts", "raise.jack") // the nuts are cracked on the ground
                .doesNotContain("raise.chock", "prepare.odometer");
    }

    /** Whatever is changed whenever, everything is on and nothing on the tray at the end. */
    @ParameterizedTest
    @MethodSource("changesOfMind")
    void everyChangeOfMindEndsWithEverythingOn(JobBrief before, JobBrief then) {
        Plan first = Planner.plan(before);
        Plan second = Planner.plan(then);
        for (int at = 0; at <= first.steps().size(); at++) {
            List<Step> all = new ArrayList<>(first.steps().subList(0, at));
            all.addAll(Replan.rest(second, all));
            assertThat(Ledger.after(all, then).onTray())
                    .as("changed after %d", at)
                    .isEmpty();
            assertThat(onAndOff(all)).as("changed after %d", at).isEmpty();
        }
    }

    static Stream<Arguments> changesOfMind() {
        return Stream.of(Construction.values()).flatMap(construction -> {
            JobBrief repack = Briefs.of(construction, Scope.REPACK);
            Part somewhere = Part.INBOARD_CUP;
            return Stream.of(
                    Arguments.of(repack, repack.condemning(somewhere)),
                    Arguments.of(repack, repack.condemning(Part.OUTBOARD_CONE)),
                    Arguments.of(repack, repack.within(Scope.RENEW)),
                    Arguments.of(repack, repack.condemning(Part.NUT)),
                    Arguments.of(repack.within(Scope.ADJUST), repack),
                    Arguments.of(repack.within(Scope.ADJUST), repack.within(Scope.RENEW)));
        });
    }

    /** Parts that were taken off or put on twice running. */
    private static List<String> onAndOff(List<Step> steps) {
        var off = new HashSet<Part>();
        List<String> faults = new ArrayList<>();
        for (Step step : steps) {
            step.moves().forEach(move -> {
                boolean went = move.kind().puts() ? off.remove(move.part()) : off.add(move.part());
                if (!went) {
                    faults.add(step.id() + " " + move);
                }
            });
        }
        return faults;
    }

    private static List<Step> through(Plan plan, Stage last) {
        return plan.steps().stream()
                .takeWhile(step -> step.stage().compareTo(last) <= 0)
                .toList();
    }
}
