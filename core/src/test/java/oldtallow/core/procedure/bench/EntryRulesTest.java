package oldtallow.core.procedure.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.JobEntry.StepDone;
import oldtallow.core.procedure.bench.JobEntry.Taken;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.judge.DamageMode;
import oldtallow.core.procedure.judge.Finding;
import oldtallow.core.procedure.judge.Finding.Extent;
import oldtallow.core.procedure.judge.Finding.Sense;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.judge.Spot;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.refusal.InvalidInputException;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;

/** Which entries a job takes as it stands; common practice of a workshop where nothing else is said. */
class EntryRulesTest {

    private final JobInHand job = new JobInHand(Construction.STEPPED_BRAKED, Scope.RENEW);

    @Test
    void takesTheStepThatIsNextAndNoOther() {
        Step later = job.bench().rest().get(3);

        assertThat(job.admitted(true, JobInHand.done(job.now()))).isInstanceOf(StepDone.class);
        assertThatThrownBy(() -> job.admitted(true, JobInHand.done(later)))
                .isInstanceOf(NotNextException.class)
                .hasMessageContaining(job.now().what());
    }

    /** Two devices at one job: whoever comes second loses nothing of what was read. */
    @Test
    void keepsWhatASecondDeviceHasToAdd() {
        Step first = job.now();
        job.doNow();

        assertThat(job.admitted(true, JobInHand.done(first))).isEqualTo(JobEntry.Added.to(JobInHand.done(first)));
    }

    @Test
    void takesBackTheLastStepAlone() {
        String first = job.now().id();
        job.doNow().doNow();
        String second = job.bench().done().getLast().step().id();

        refused("stepId", () -> job.admitted(true, new JobEntry.StepUndone(first)));
        assertThat(job.enter(new JobEntry.StepUndone(second)).now().id()).isEqualTo(second);
    }

    /** One press, one entry: all that was done in one go counts, or nothing does. */
    @Test
    void takesARunAsAWhole() {
        List<Step> run = job.bench().rest().subList(0, 4);

        job.enter(JobInHand.run(run));
        assertThat(job.bench().done().stream().map(Bench.Done::step)).isEqualTo(run);

        List<Step> raising = job.bench().rest().subList(0, 4);
        assertThat(raising).as("stands among them").anyMatch(step -> step.id().equals("raise.jack"));
        var unseen = new JobEntry.RunDone(
                raising.stream()
                        .map(step -> new StepDone(step.id(), Set.of(), List.of(), ""))
                        .toList(),
                List.of());
        refused("checksMet", () -> job.admitted(true, unseen));
        assertThat(job.bench().done()).hasSize(run.size());
    }

    @Test
    void takesNoRunThatLeavesAStepOut() {
        List<Step> rest = job.bench().rest();

        assertThatThrownBy(() -> job.admitted(true, JobInHand.run(List.of(rest.get(0), rest.get(2)))))
                .isInstanceOf(NotNextException.class)
                .hasMessageContaining(rest.get(1).what());
    }

    /** Two at one hub: what one had finished is done once, what the other read beside it is kept. */
    @Test
    void keepsWhatARunHasToAdd() {
        List<Step> both = job.bench().rest().subList(0, 3);
        job.doNow();

        assertThat(job.admitted(true, JobInHand.run(both)))
                .isEqualTo(new JobEntry.RunDone(
                        List.of(JobInHand.done(both.get(1)), JobInHand.done(both.get(2))),
                        List.of(JobEntry.Added.to(JobInHand.done(both.get(0))))));
    }

    @Test
    void takesBackThePressThatWasLast() {
        List<Step> before = job.bench().rest();
        job.enter(JobInHand.run(before.subList(0, 4)));
        UUID run = job.bench().lastPress().orElseThrow().id();
        job.doNow();
        UUID step = job.bench().lastPress().orElseThrow().id();

        refused("entryId", () -> job.admitted(true, new JobEntry.Undone(run)));
        job.enter(new JobEntry.Undone(step)).enter(new JobEntry.Undone(run));
        assertThat(job.bench().rest()).as("a run goes back whole").isEqualTo(before);
        assertThat(job.bench().entries()).as("nothing is lost by it").hasSize(5);
        assertThat(job.bench().lastPress()).isEmpty();
        refused("entryId", () -> job.admitted(true, new JobEntry.Undone(run)));
    }

    @Test
    void takesBackAVerdict() {
        var repack = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK).until("judge.inboard");
        repack.enter(JobInHand.good(JudgedItem.INBOARD_BEARING));

        repack.enter(
                new JobEntry.Undone(repack.bench().lastPress().orElseThrow().id()));

        assertThat(repack.bench().judged()).isEmpty();
        refused("stepId", () -> repack.admitted(true, JobInHand.done(repack.now())));
    }

    /** Found good is one press; a bearing that goes is renewed by it, and comes back with the press. */
    @Test
    void takesAVerdictWithItsStep() {
        var repack = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK).until("judge.inboard");
        List<Step> before = repack.bench().rest();
        var scrapped = new JobEntry.Judged(
                JudgedItem.INBOARD_BEARING,
                List.of(),
                JobInHand.good(JudgedItem.INBOARD_BEARING).looked(),
                Outcome.RENEW,
                "it grinds");
        var press = new JobEntry.RunDone(List.of(JobInHand.done(before.getFirst())), List.of(), scrapped);

        refused("overruled", () -> repack.admitted(false, press));
        repack.enter(press);

        assertThat(repack.bench().done().getLast().step()).isEqualTo(before.getFirst());
        assertThat(repack.bench().plan().brief().condemned()).contains(Part.INBOARD_CONE, Part.INBOARD_CUP);
        repack.enter(
                new JobEntry.Undone(repack.bench().lastPress().orElseThrow().id()));
        assertThat(repack.bench().rest()).isEqualTo(before);
    }

    @Test
    void asksForWhatMustHold() {
        Step step = job.until("nut.seat").now();

        refused("checksMet", () -> job.admitted(true, new StepDone(step.id(), Set.of(), List.of(), "")));
        Check check = step.checks().stream().filter(Check::must).findFirst().orElseThrow();
        refused("checkId", () -> job.admitted(false, new JobEntry.Waived(check.id(), "felt, not counted")));
        refused("reason", () -> job.admitted(true, new JobEntry.Waived(check.id(), " ")));
    }

    @Test
    void wantsFindingsBeforeAVerdictIsPassedOver() {
        var repack = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK).until("judge.inboard");

        refused("stepId", () -> repack.admitted(true, JobInHand.done(repack.now())));
        repack.enter(JobInHand.good(JudgedItem.INBOARD_BEARING));
        assertThat(repack.admitted(true, JobInHand.done(repack.now()))).isInstanceOf(StepDone.class);
    }

    @Test
    void believesAGapMoreThanATick() {
        Step step = job.until("races.inboard-in").now();
        Set<String> all = JobInHand.done(step).checksMet();
        List<Taken> tilted = List.of(
                gap(ReadingKind.GAP_AT_12, 0.4),
                gap(ReadingKind.GAP_AT_3, 0.1),
                gap(ReadingKind.GAP_AT_6, 0),
                gap(ReadingKind.GAP_AT_9, 0.1));

        refused("readings", () -> job.admitted(true, new StepDone(step.id(), all, tilted, "")));
    }

    @Test
    void believesAThermometerMoreThanATick() {
        Step step = job.until("prove.temperature").now();
        Set<String> all = JobInHand.done(step).checksMet();

        refused("readings", () -> job.admitted(true, new StepDone(step.id(), all, List.of(celsius(85)), "")));
        assertThat(job.admitted(true, new StepDone(step.id(), all, List.of(celsius(38)), "")))
                .isInstanceOf(StepDone.class);
    }

    /** Put right, then reused, is more than said: what the lip runs on is polished or sleeved, and looked at again. */
    @Test
    void whatIsPutRightIsLookedAtAgain() {
        var repack = new JobInHand(Construction.STEPPED_UNBRAKED, Scope.REPACK).until("judge.spindle");
        assertThat(repack.bench().rest()).extracting(Step::id).doesNotContain("judge.spindle-mended");

        repack.enter(new JobEntry.Judged(
                        JudgedItem.SPINDLE,
                        List.of(new Finding(DamageMode.GROOVE, Spot.SEAL_LAND, Extent.CLEAR, Sense.FINGERNAIL)),
                        null,
                        null,
                        ""))
                .enter(JobInHand.done(repack.now()));

        assertThat(repack.bench().outcome(JudgedItem.SPINDLE)).contains(Outcome.REPAIR);
        assertThat(repack.now().id()).isEqualTo("judge.spindle-mended");
        assertThat(String.join(" ", repack.now().how())).contains("polish", "sleeve");
        refused(
                "checksMet",
                () -> repack.admitted(true, new StepDone(repack.now().id(), Set.of(), List.of(), "")));
        assertThat(repack.doNow().now().id()).isNotEqualTo("judge.spindle-mended");
    }

    @Test
    void condemnsWhatGoesBackAtAnyTime() {
        var repack = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK);
        refused("reason", () -> repack.admitted(true, new JobEntry.Condemned(Set.of(Part.OUTBOARD_CUP), " ")));
        refused("parts", () -> repack.admitted(true, new JobEntry.Condemned(Set.of(Part.SEAL), "hard")));

        repack.enter(new JobEntry.Condemned(Set.of(Part.OUTBOARD_CUP), "it growls"));

        assertThat(repack.bench().plan().brief().condemned()).contains(Part.OUTBOARD_CONE, Part.OUTBOARD_CUP);
        repack.until("judge.new-here");
        assertThat(repack.now().what()).isEqualTo("Have here, new: outboard cone, outboard cup");
        assertThat(repack.bench().outcome(JudgedItem.OUTBOARD_BEARING))
                .as("judged good before somebody heard it")
                .contains(Outcome.RENEW);
        assertThat(repack.bench().rest()).extracting(Step::id).contains("races.outboard-in");
    }

    /** Nothing that adjusting leaves on can be renewed by it. */
    @Test
    void condemnsNoPartThatTheJobDoesNotReach() {
        var adjusting = new JobInHand(Construction.STEPPED_BRAKED, Scope.ADJUST);

        refused("parts", () -> adjusting.admitted(true, new JobEntry.Condemned(Set.of(Part.INBOARD_CONE), "growls")));
        assertThat(adjusting.admitted(true, new JobEntry.Condemned(Set.of(Part.CAP), "dented")))
                .isInstanceOf(JobEntry.Condemned.class);
    }

    /** A seal that went in crooked is done with, new as it is: the hub comes off, it is levered out, another one goes in. */
    @Test
    void anotherNewSealTakesTheOneThatWasSpoilt() {
        var repack = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK).until("nut.seat");

        repack.enter(new JobEntry.Condemned(Set.of(Part.SEAL), "crooked, its lip is cut"));

        List<String> rest = repack.bench().rest().stream().map(Step::id).toList();
        assertThat(rest)
                .containsSubsequence("strip.nut", "strip.hub", "strip.seal", "judge.new-here", "hub.seal", "hub.on")
                .doesNotContain("strip.inboard-cone", "grease.inboard");
        assertThat(repack.until("judge.new-here").now().what()).isEqualTo("Have here, new: seal");
        repack.until("hub.seal").doNow();
        assertThat(repack.bench().ledger().onTray()).doesNotContain(Part.SEAL).contains(Part.HUB);
        assertThat(repack.until("nut.seat").bench().rest()).extracting(Step::id).doesNotContain("hub.seal");
    }

    @Test
    void whatIsNotOnThisHubIsStruckOut() {
        var repack = new JobInHand(Construction.STEPPED_UNBRAKED, Scope.REPACK).until("strip.cap");

        repack.enter(new JobEntry.NotHere("strip.cap", Set.of()));

        assertThat(repack.bench().plan().brief().absent()).containsExactly(Part.CAP);
        assertThat(repack.bench().rest())
                .extracting(Step::id)
                .doesNotContain("strip.cap", "judge.cap", "close.cap")
                .contains("strip.cotter");
    }

    @Test
    void anotherWayIsChosenUntilWhereItPartsIsDone() {
        var repack = new JobInHand(Construction.STEPPED_UNBRAKED, Scope.REPACK).until("raise.crack-nuts");
        var stays = new JobEntry.WayChosen(ChoiceKind.WHEEL, "STAYS");

        assertThat(repack.admitted(false, stays)).isEqualTo(stays);
        repack.until("strip.wheel");
        refused("way", () -> repack.admitted(true, stays));
        repack.enter(new JobEntry.WayChosen(ChoiceKind.WHEEL, "BEFORE_SETTING"));

        assertThat(repack.bench().rest())
                .extracting(Step::id)
                .contains("nut.wheel")
                .doesNotContain("close.wheel");
        assertThat(repack.bench().plan().brief().scope()).isEqualTo(Scope.REPACK);
    }

    /** The wheel that went on before the nut was set stays on when the setting is opened again. */
    @Test
    void aWheelThatIsOnStaysOnWhileTheNutIsSetAgain() {
        var repack = new JobInHand(Construction.STEPPED_UNBRAKED, Scope.REPACK).until("raise.crack-nuts");
        repack.enter(new JobEntry.WayChosen(ChoiceKind.WHEEL, "BEFORE_SETTING"));
        repack.until("prove.rock");

        repack.enter(new JobEntry.SettingReopened(JobEntry.SettingReopened.Found.LOOSE, ""));

        assertThat(repack.bench().rest())
                .extracting(Step::id)
                .contains("nut.seat")
                .doesNotContain("nut.wheel", "strip.wheel");
    }

    @Test
    void aWayIsOneOfItsKind() {
        refused("way", () -> new JobEntry.WayChosen(ChoiceKind.PACKING, "WARMED"));
    }

    @Test
    void nothingIsStruckOutThatHoldsTheHubOrCameOffIt() {
        var repack = new JobInHand(Construction.STEPPED_UNBRAKED, Scope.REPACK).until("strip.cotter");

        refused("stepId", () -> repack.admitted(true, new JobEntry.NotHere("strip.cotter", Set.of())));
        refused("stepId", () -> repack.admitted(true, new JobEntry.NotHere("strip.nut", Set.of())));
        refused("stepId", () -> repack.admitted(true, new JobEntry.NotHere("strip.cap", Set.of())));
        refused("stepId", () -> repack.admitted(true, new JobEntry.NotHere("clean.cones", Set.of())));
    }

    /** That there is no brake lets go what must hold of one. */
    @Test
    void aMechanicSaysThatAHubHasNoBrake() {
        var repack = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK).until("clean.brake");
        var none = new JobEntry.NotHere("clean.brake", Set.of());

        refused("stepId", () -> repack.admitted(false, none));
        repack.enter(none);

        assertThat(repack.bench().rest()).extracting(Step::id).doesNotContain("judge.brake", "close.brake-adjust");
    }

    @Test
    void aNoteIsTakenAtAnyStepOfTheJob() {
        assertThat(job.admitted(false, new JobEntry.Noted("close.cap", "wants a bigger one next time")))
                .isInstanceOf(JobEntry.Noted.class);
        refused("words", () -> job.admitted(false, new JobEntry.Noted("close.cap", " ")));
        refused("stepId", () -> job.admitted(false, new JobEntry.Noted("close.bow", "tied")));
    }

    private static Taken gap(ReadingKind kind, double millimetres) {
        return new Taken(kind, millimetres, null);
    }

    private static Taken celsius(double celsius) {
        return new Taken(ReadingKind.HUB_TEMPERATURE, celsius, null);
    }

    private static void refused(String field, ThrowingCallable entry) {
        assertThatThrownBy(entry)
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        e -> assertThat(e.errors())
                                .anySatisfy(error -> assertThat(error.field()).isEqualTo(field)));
    }
}
