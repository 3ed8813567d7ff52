package oldtallow.core.procedure.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import oldtallow.core.procedure.brief.JobBrief;
import org.junit.jupiter.api.Test;

/** Every construction, scope, lock, procedure and fitting there is: hundreds of thousands of plans, done in a shop of its own. */
class EveryPlanTest {

    /** Constructions with scopes × locks. */
    private static final int LOCKED = 85 * 7;

    @Test
    void everyPlanOfEveryProcedureCanBeDoneInTheShop() {
        assertThat(allCanBeDone(Briefs.everyProcedure())).isEqualTo(LOCKED * 2 * 2 * 3 * 4 * 6);
    }

    @Test
    void everyPlanOfEveryNutCanBeDoneInTheShop() {
        int newHubs = 21;
        assertThat(allCanBeDone(Briefs.everyNut())).isEqualTo((newHubs * 4 + (85 - newHubs) * 3) * 7 * 2 * 14);
    }

    @Test
    void everyPlanWithEveryFittingCanBeDoneInTheShop() {
        assertThat(allCanBeDone(Briefs.everySeal())).isEqualTo(LOCKED * 4 * 3 * 2 * 3 * 4);
        assertThat(allCanBeDone(Briefs.everyCap())).isEqualTo(LOCKED * 6 * 3 * 5 * 2);
    }

    @Test
    void everyPlanWithTheWheelOnEarlyLateOrLeftWhereItIsCanBeDoneInTheShop() {
        assertThat(allCanBeDone(Briefs.everyWheel())).isEqualTo(LOCKED * 3 * 3 * 3 * 2);
    }

    /** Nothing that a mechanic of that very hub would shake his head at. */
    @Test
    void everyPlanSpeaksOfItsOwnHubAlone() {
        List<String> faults = Stream.concat(Briefs.worthReading(), Briefs.everyWording())
                .parallel()
                .flatMap(brief -> PlanWording.faults(Planner.plan(brief)).stream())
                .map(fault -> fault.substring(0, Math.min(fault.length(), 420)))
                .distinct()
                .limit(12)
                .toList();

        assertThat(faults).isEmpty();
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
}
