package oldtallow.core.procedure.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.judge.DamageMode;
import oldtallow.core.procedure.judge.Finding;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.judge.Looked;
import oldtallow.core.procedure.judge.Spot;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.schedule.interval.DueAction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** How a job stands by its entries. */
class BenchTest {

    /** Done from end to end, each construction leaves nothing on the tray, and nothing between it and its end. */
    @ParameterizedTest
    @EnumSource(Construction.class)
    void comesToItsEndWithNothingLeft(Construction construction) {
        var job = new JobInHand(construction, Scope.RENEW);
        while (job.bench().now().isPresent()) {
            job.doNow();
        }

        assertThat(job.bench().ledger().isEmpty()).isTrue();
        assertThat(JobEnd.hindrances(job.bench(), true)).isEmpty();
        assertThat(job.bench().does()).isEqualTo(DueAction.RENEW);
    }

    @Test
    void saysWhatStandsBetweenItAndItsEnd() {
        var job = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK).until("clean.wipe");

        assertThat(JobEnd.hindrances(job.bench(), false))
                .anySatisfy(words -> assertThat(words).startsWith("There is still to do: "))
                .anySatisfy(words ->
                        assertThat(words).startsWith("On the tray lies: ").contains("hub"))
                .anySatisfy(words -> assertThat(words).contains("No setting of the nut is on record"));
    }

    /** Spalled: cone and cup are renewed, and what the job does becomes more than a repack where both bearings are. */
    @Test
    void renewsWhatAVerdictCondemns() {
        var job = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK).until("judge.inboard");

        job.enter(new JobEntry.Judged(
                JudgedItem.INBOARD_BEARING,
                List.of(new Finding(
                        DamageMode.SUBSURFACE_FATIGUE, Spot.CUP_RACE, Finding.Extent.CLEAR, Finding.Sense.FINGERNAIL)),
                new Looked(true, Set.of(Finding.Sense.values()), false),
                null,
                ""));

        assertThat(job.bench().outcome(JudgedItem.INBOARD_BEARING)).contains(Outcome.RENEW);
        assertThat(job.bench().renewedInPlan()).contains(Part.INBOARD_CONE, Part.INBOARD_CUP);
        assertThat(job.bench().does()).isEqualTo(DueAction.REPACK);
    }

    @Test
    void goesBackToACupThatWasNotHome() {
        var job = new JobInHand(Construction.STEPPED_BRAKED, Scope.RENEW).until("nut.seat");

        job.enter(new JobEntry.CupMoved(Set.of(Part.INBOARD_CUP), "a jerk"));

        assertThat(job.now().stage()).as("the hub comes off again first").isEqualTo(Stage.STRIP);
        assertThat(job.until("races.inboard-in").bench().ledger().onTray()).contains(Part.HUB);
    }

    @Test
    void setsTheNutAgainAfterAHotDrive() {
        var job = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK).until("prove.temperature");
        assertThat(job.bench().hasSetting()).isTrue();

        job.enter(new JobEntry.SettingReopened(JobEntry.SettingReopened.Found.HOT, ""));

        assertThat(job.bench().hasSetting()).isFalse();
        assertThat(job.bench().rest())
                .anySatisfy(step -> assertThat(step.stage()).isEqualTo(Stage.SET_NUT));
        assertThat(job.bench().nutLooseSince().entry()).isInstanceOf(JobEntry.SettingReopened.class);
    }

    /** A break of over twenty minutes is none of the work, and a clock that was put back counts nothing. */
    @Test
    void countsTheTimeBetweenEntriesThatIsWork() {
        Instant began = Instant.parse("2026-05-14T08:00:00Z");

        assertThat(JobEnd.worked(
                        List.of(at(began, 0), at(began, 20), at(began, 41), at(began, 30), at(began, 35)), List.of()))
                .isEqualTo(Duration.ofMinutes(25));
    }

    /** Of two who work beside each other each one's time counts, and a press for several hubs is shared among them. */
    @Test
    void sharesAPersonsTimeAmongTheHubsOfAPress() {
        Instant began = Instant.parse("2026-05-14T08:00:00Z");
        RecordedEntry opened = at(began, 0);
        RecordedEntry raised = at(began, 12);
        RecordedEntry hers = at(began, 18);
        RecordedEntry his = by(JobInHand.TOBE, at(began, 13));
        RecordedEntry hisNext = by(JobInHand.TOBE, at(began, 17));
        List<RecordedEntry> left = List.of(opened, raised, hers);
        List<RecordedEntry> right = List.of(alongside(opened), alongside(raised), his, hisNext);

        assertThat(JobEnd.worked(left, List.of(right))).isEqualTo(Duration.ofMinutes(6 + 6));
        assertThat(JobEnd.worked(right, List.of(left))).isEqualTo(Duration.ofMinutes(6 + 4));
    }

    /** What was taken back was nobody's work. */
    @Test
    void asksNobodyToAnswerForWhatWasTakenBack() {
        Instant began = Instant.parse("2026-05-14T08:00:00Z");
        var job = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK);
        String first = job.now().id();
        UUID press = UUID.randomUUID();
        job.pressByApprentice(press, new JobEntry.StepDone(first, Set.of(), List.of(), ""), began);
        assertThat(JobEnd.toAnswerFor(job.bench(), Optional.empty())).containsExactly("Wil");

        job.enter(new JobEntry.Undone(press));

        assertThat(JobEnd.toAnswerFor(job.bench(), Optional.empty())).isEmpty();
    }

    @Test
    void namesWhoHasToBeAnsweredFor() {
        var job = new JobInHand(Construction.STEPPED_BRAKED, Scope.REPACK).doNow();

        assertThat(JobEnd.toAnswerFor(job.bench(), Optional.empty())).isEmpty();
        assertThat(JobEnd.toAnswerFor(job.bench(), Optional.of("Wil"))).containsExactly("Wil");
    }

    private static RecordedEntry alongside(RecordedEntry one) {
        return new RecordedEntry(
                UUID.randomUUID(), one.pressId(), one.number(), one.entry(), one.personId(), one.by(), false, one.at());
    }

    private static RecordedEntry by(UUID person, RecordedEntry one) {
        return new RecordedEntry(one.id(), one.pressId(), one.number(), one.entry(), person, "Tobe", false, one.at());
    }

    private static RecordedEntry at(Instant began, int minutes) {
        UUID id = UUID.randomUUID();
        return new RecordedEntry(
                id,
                id,
                1,
                new JobEntry.Scoped(Scope.REPACK, Choices.USUAL, ""),
                JobInHand.INES,
                "Ines",
                false,
                began.plus(Duration.ofMinutes(minutes)));
    }
}
