package oldtallow.core.procedure.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.JobEntry.StepDone;
import oldtallow.core.procedure.bench.JobEntry.Taken;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.judge.JudgedItem;
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

    @Test
    void condemnsWhatLiesOpenAlone() {
        var repack = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK);
        refused("parts", () -> repack.admitted(true, new JobEntry.Condemned(Set.of(Part.OUTBOARD_CONE), "blue")));

        repack.until("judge.inboard").enter(new JobEntry.Condemned(Set.of(Part.OUTBOARD_CONE), "blue"));

        assertThat(repack.bench().plan().brief().condemned()).contains(Part.OUTBOARD_CONE, Part.OUTBOARD_CUP);
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
