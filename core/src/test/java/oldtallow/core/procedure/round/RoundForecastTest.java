package oldtallow.core.procedure.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import oldtallow.core.hub.Construction;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Briefs;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.job.Planner;
import oldtallow.core.procedure.round.RoundForecast.AtHubs;
import oldtallow.core.procedure.round.RoundForecast.HubForecast;
import oldtallow.core.procedure.step.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RoundForecastTest {

    @Test
    void stepsOfTwinsAreTheSameAndTickedAtEach() {
        Plan plan = plan(Construction.STEPPED_UNBRAKED, Scope.REPACK);

        List<AtHubs> steps = round(plan, plan).steps();

        assertThat(steps).extracting(AtHubs::step).isEqualTo(plan.steps());
        assertThat(at(steps, "strip.hub")).containsExactly(0, 1);
        assertThat(at(steps, "raise.chock")).as("once for the rig").containsExactly(0);
        assertThat(round(plan, plan).count())
                .isEqualTo(steps.stream().mapToInt(one -> one.hubs().size()).sum());
    }

    /** Whatever hubs stand on a rig together: each one's steps keep their order. */
    @ParameterizedTest
    @EnumSource(Construction.class)
    void everyHubsStepsStandInItsOwnOrder(Construction other) {
        Plan braked = plan(Construction.STEPPED_BRAKED, Scope.RENEW);
        Plan beside = plan(other, Scope.RENEW);

        List<AtHubs> steps = round(braked, beside).steps();

        assertThat(steps.stream().map(one -> one.step().id())).doesNotHaveDuplicates();
        assertThat(ids(steps.stream().map(AtHubs::step))).containsSubsequence(ids(braked.steps().stream()));
        assertThat(ids(steps.stream().map(AtHubs::step))).containsAll(ids(beside.steps().stream()));
        assertThat(steps.stream().map(one -> one.step().stage())).isSorted();
    }

    private static RoundForecast round(Plan... plans) {
        return new RoundForecast(Stream.of(plans)
                .map(plan -> new HubForecast(plan, Duration.ofHours(1)))
                .toList());
    }

    private static Plan plan(Construction construction, Scope scope) {
        return Planner.plan(Briefs.of(construction, scope));
    }

    private static List<Integer> at(List<AtHubs> steps, String id) {
        return steps.stream()
                .filter(one -> one.step().id().equals(id))
                .findFirst()
                .orElseThrow()
                .hubs();
    }

    private static List<String> ids(Stream<Step> steps) {
        return steps.map(Step::id).toList();
    }
}
