package oldtallow.core.procedure.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import oldtallow.core.hub.Construction;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.JobInHand;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.run.Reach;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.StepIds;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How several hubs of a rig are gone round; common practice of workshops, where nothing else is said. */
class RigRoundTest {

    private static final int TANDEM = 4;

    /** A budget of this product: an unbraked tandem, which has four hubs, takes at most 80 presses, stage by stage. */
    @ParameterizedTest
    @CsvSource({
        "STAGE_BY_STAGE, STRAIGHT_SPINDLE, 74",
        "STAGE_BY_STAGE, STEPPED_UNBRAKED, 74",
        "HUB_BY_HUB, STRAIGHT_SPINDLE, 86",
        "STAGE_BY_STAGE, STEPPED_BRAKED, 82",
        "HUB_BY_HUB, STEPPED_BRAKED, 94"
    })
    void aTandemTakesFewPresses(RoundOrder order, Construction construction, int most) {
        var rig = new RigInHand(order, TANDEM, construction, Scope.REPACK).walked();

        assertThat(rig.presses()).hasSizeLessThanOrEqualTo(most);
    }

    @ParameterizedTest
    @EnumSource(Construction.class)
    void everyHubIsDoneInEveryOrder(Construction construction) {
        for (RoundOrder order : RoundOrder.values()) {
            for (Scope scope : Scope.values()) {
                if (scope.isPossibleOn(construction) && (order == RoundOrder.STAGE_BY_STAGE || scope == Scope.REPACK)) {
                    var rig = new RigInHand(order, 2, construction, scope).walked();

                    assertThat(rig.isDone()).as("%s %s", order, scope).isTrue();
                    assertThat(rig.presses().stream()
                                    .filter(press -> press.steps().stream().anyMatch(one -> Reach.of(one) == Reach.RIG))
                                    .map(RigInHand.Press::hubs))
                            .as("once for the rig: %s %s", order, scope)
                            .containsOnly(2);
                }
            }
        }
    }

    @Test
    void stageByStageNoHubIsAhead() {
        var rig = new RigInHand(RoundOrder.STAGE_BY_STAGE, TANDEM, Construction.STEPPED_BRAKED, Scope.REPACK).walked();

        assertThat(rig.presses().stream()
                        .map(press -> press.steps().getFirst().stage())
                        .toList())
                .isSorted();
    }

    @Test
    void hubByHubEachIsFinishedBeforeTheNextIsOpened() {
        var rig = new RigInHand(RoundOrder.HUB_BY_HUB, TANDEM, Construction.STEPPED_BRAKED, Scope.REPACK).walked();

        assertThat(rig.presses().stream()
                        .filter(press -> press.hubs() == 1)
                        .map(RigInHand.Press::hub)
                        .toList())
                .startsWith(0)
                .satisfies(hubs -> assertThat(hubs.subList(0, hubs.lastIndexOf(0) + 1).stream()
                                .filter(hub -> hub != 0)
                                .count())
                        .as("others between its first press and its last, which is after it is down")
                        .isLessThan(hubs.size()));
        List<String> order = rig.presses().stream()
                .flatMap(press -> press.steps().stream()
                        .filter(step ->
                                step.id().equals(StepIds.STRIP_NUT) || step.id().equals(StepIds.CLOSE_WHEEL))
                        .map(step -> press.hub() + " " + step.id()))
                .toList();
        assertThat(order)
                .containsExactly(IntStream.range(0, TANDEM)
                        .boxed()
                        .flatMap(
                                hub -> List.of(hub + " " + StepIds.STRIP_NUT, hub + " " + StepIds.CLOSE_WHEEL).stream())
                        .toArray(String[]::new));
    }

    @Test
    void theRigComesDownOnceAllHubsAreOn() {
        var rig = new RigInHand(RoundOrder.HUB_BY_HUB, 2, Construction.STEPPED_BRAKED, Scope.REPACK);
        while (!first(rig, 0).id().equals(StepIds.CLOSE_DOWN)) {
            rig.press(0, JobInHand.INES);
        }

        assertThat(rig.round().behind(rig.id(0)))
                .extracting(hub -> hub.job().id())
                .containsExactly(rig.id(1));
        assertThat(rig.next(0, JobInHand.INES)).isEqualTo(1);
        assertThat(rig.round().behind(rig.id(1))).isEmpty();
    }

    /** What one does alone is not pressed for somebody else's hub, and nobody is sent to it. */
    @Test
    void twoPeopleAtTwoHubsKeepOutOfEachOthersWay() {
        var rig = new RigInHand(RoundOrder.STAGE_BY_STAGE, 2, Construction.STEPPED_BRAKED, Scope.REPACK);
        while (!first(rig, 0).id().equals(StepIds.STRIP_COTTER)) {
            rig.press(0, JobInHand.INES);
        }
        assertThat(rig.round().alongside(rig.id(0), rig.asker(JobInHand.INES))).hasSize(1);

        rig.press(1, JobInHand.TOBE);
        assertThat(rig.presses().getLast().hubs())
                .as("Ines is at the other hub")
                .isEqualTo(1);

        assertThat(rig.round().by(rig.round().hubs().get(1), rig.asker(JobInHand.INES)))
                .hasValueSatisfying(last -> assertThat(last.by()).isEqualTo("Tobe"));
        assertThat(rig.round().alongside(rig.id(0), rig.asker(JobInHand.INES))).isEmpty();
        assertThat(rig.next(1, JobInHand.TOBE)).as("the one behind is Ines's").isEqualTo(1);
    }

    /** Whoever was just sent to a hub has written nothing there yet. */
    @Test
    void nobodyIsSentWhereAnotherWasJustSent() {
        var rig = new RigInHand(RoundOrder.STAGE_BY_STAGE, TANDEM, Construction.STEPPED_UNBRAKED, Scope.REPACK);
        for (int hub = TANDEM - 1; hub >= 0; hub--) {
            pressWhile(rig, hub, JobInHand.INES, step -> step.stage().compareTo(Stage.JUDGE) < 0);
        }
        pressWhile(rig, 1, JobInHand.TOBE, step -> step.stage() == Stage.JUDGE);

        assertThat(rig.next(1, JobInHand.TOBE)).as("Ines is at 0").isEqualTo(2);

        pressWhile(rig, 0, JobInHand.INES, step -> step.stage() == Stage.JUDGE);
        assertThat(rig.next(0, JobInHand.INES))
                .as("Tobe is at 1, and was sent to 2")
                .isEqualTo(3);
    }

    private static void pressWhile(RigInHand rig, int hub, UUID person, Predicate<Step> isAt) {
        while (isAt.test(first(rig, hub))) {
            rig.press(hub, person);
        }
    }

    @Test
    void aHubThatIsRenewedGoesItsOwnWay() {
        var rig = new RigInHand(RoundOrder.STAGE_BY_STAGE, 2, Construction.STEPPED_BRAKED, Scope.REPACK);
        while (!first(rig, 0).id().equals("judge.inboard")) {
            rig.press(0, JobInHand.INES);
        }
        rig.hub(1)
                .enter(new JobEntry.Scoped(
                        Scope.RENEW, rig.hub(1).bench().plan().brief().choices(), "rusty"));

        rig.walked();

        assertThat(rig.hub(1).bench().renewedInPlan()).isNotEmpty();
        assertThat(rig.hub(0).bench().renewedInPlan())
                .doesNotContainAnyElementsOf(rig.hub(1).bench().cupsFitted());
    }

    private static Step first(RigInHand rig, int hub) {
        return rig.round().run(rig.id(hub)).orElseThrow().run().steps().getFirst();
    }
}
