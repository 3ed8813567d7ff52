package oldtallow.core.travel.trip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.almanac.GoverningRule;
import oldtallow.core.schedule.almanac.Serviced;
import oldtallow.core.schedule.distance.DueRange;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.DueRule;
import oldtallow.core.schedule.interval.Trigger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class TripAdviceTest {

    private static final LocalDate FROM = LocalDate.of(2026, 7, 1);
    private static final LocalDate TO = FROM.plusDays(20);

    /** Towns on days 0 and 10, nobody between, home from day 15. */
    private static final List<Stretch> LEGS = List.of(
            new Stretch(FROM, 400, false, false),
            new Stretch(FROM.plusDays(4), 300, true, true),
            new Stretch(FROM.plusDays(10), 300, false, false),
            new Stretch(FROM.plusDays(15), 700, false, false));

    /** Place the service before or inside the trip: common practice. */
    @ParameterizedTest
    @CsvSource({
        "REPACK, -3, BEFORE_LEAVING",
        "REPACK, 0, BEFORE_LEAVING",
        "REPACK, 2, ON_THE_WAY",
        "REPACK, 5, BEFORE_LEAVING",
        "REPACK, 12, ON_THE_WAY",
        "REPACK, 20, ON_THE_WAY",
        "REPACK, 21, ON_RETURN",
        "REPACK, 34, ON_RETURN",
        "REPACK, 35, LATER",
        "RETORQUE, 5, ON_THE_WAY",
        "INSPECT, 6, ON_THE_WAY",
        "RENEW, 9, BEFORE_LEAVING"
    })
    void placesWhatFallsDue(DueAction action, int day, TripAdvice.When when) {
        TripAdvice advice = TripAdvice.of(due(action, day, day), FROM, TO, LEGS);

        assertThat(advice.when()).isEqualTo(when);
        assertThat(advice.why()).isNotBlank();
        assertThat(advice.leg().isPresent()).isEqualTo(when == TripAdvice.When.ON_THE_WAY);
    }

    @Test
    void looksAtTheEarliestItMayBe() {
        assertThat(TripAdvice.of(due(DueAction.REPACK, -1, 12), FROM, TO, LEGS).when())
                .isEqualTo(TripAdvice.When.BEFORE_LEAVING);
        assertThat(TripAdvice.of(due(DueAction.REPACK, 12, 60), FROM, TO, LEGS).leg())
                .contains(2);
    }

    @Test
    void leavesNothingToATripWithoutLegs() {
        assertThat(TripAdvice.of(due(DueAction.REPACK, 5, 5), FROM, TO, List.of())
                        .when())
                .isEqualTo(TripAdvice.When.BEFORE_LEAVING);
    }

    /** After any dunking: common practice. It cannot be done before the water is there. */
    @Test
    void whatTheWaterBringsIsDoneAfterIt() {
        TripAdvice advice = TripAdvice.of(due(Trigger.Kind.CROSSINGS, DueAction.REPACK, 4, 4), FROM, TO, LEGS);
        assertThat(advice.when()).isEqualTo(TripAdvice.When.ON_THE_WAY);
        assertThat(advice.leg()).as("the first with help behind the ford").contains(2);

        List<Stretch> lonely = List.of(LEGS.get(0), LEGS.get(1));
        assertThat(TripAdvice.of(due(Trigger.Kind.DUNKINGS, DueAction.REPACK, 4, 4), FROM, TO, lonely)
                        .when())
                .isEqualTo(TripAdvice.When.ON_RETURN);
        assertThat(TripAdvice.of(due(Trigger.Kind.CROSSINGS, DueAction.INSPECT, 4, 4), FROM, TO, LEGS)
                        .leg())
                .as("looking takes no help")
                .contains(1);
    }

    @Test
    void whatTheTripBringsIsDoneOnReturn() {
        assertThat(TripAdvice.of(due(Trigger.Kind.TRIPS, DueAction.INSPECT, 20, 20), FROM, TO, LEGS)
                        .when())
                .isEqualTo(TripAdvice.When.ON_RETURN);
    }

    @Test
    void stopsOnceWhereALegEndsAtItsFirstWarmth() {
        List<FeelStop> stops =
                FeelStop.of(List.of(new Stretch(FROM, 15, false, true), new Stretch(FROM, 100, false, false)));

        assertThat(stops).extracting(FeelStop::afterKm).containsExactly(15.0, 100.0);
        assertThat(stops.getFirst().why()).contains("after water");
    }

    static LongStream seeds() {
        return LongStream.range(0, 100);
    }

    /** No two stops more than 250 km apart, one at the end of every leg that is driven, the first after 15 km. */
    @ParameterizedTest
    @MethodSource("seeds")
    void feelsEveryHubOftenEnough(long seed) {
        var random = new Random(seed);
        List<Stretch> legs = IntStream.range(0, 1 + random.nextInt(6))
                .mapToObj(i -> new Stretch(FROM.plusDays(i), random.nextInt(1_500), false, random.nextBoolean()))
                .toList();

        List<FeelStop> stops = FeelStop.of(legs);

        double before = 0;
        for (FeelStop stop : stops) {
            double at = stop.afterKm()
                    + legs.stream().limit(stop.leg()).mapToDouble(Stretch::km).sum();
            assertThat(at - before).isBetween(0.0, 250.0 + 1e-6);
            before = at;
        }
        for (int i = 0; i < legs.size(); i++) {
            int leg = i;
            if (legs.get(i).km() > 0) {
                assertThat(stops)
                        .anyMatch(stop -> stop.leg() == leg
                                && stop.afterKm() == legs.get(leg).km());
            }
        }
    }

    @Test
    void feelsThemFirstAfterFifteenKilometres() {
        assertThat(FeelStop.of(LEGS).getFirst()).isEqualTo(new FeelStop(0, 15, "first warmth of the trip"));
        assertThat(FeelStop.of(LEGS)).anyMatch(stop -> stop.why().contains("after water"));
    }

    @Test
    void refusesLegsNobodyDrives() {
        assertThatThrownBy(() -> new Stretch(FROM, -1, false, false)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new Stretch(FROM, Double.NaN, false, false)).isInstanceOf(OutOfRangeException.class);
    }

    private static Due due(DueAction action, int earliest, int likely) {
        return due(
                action == DueAction.RETORQUE ? Trigger.Kind.AFTER_WHEEL_OFF : Trigger.Kind.MONTHS,
                action,
                earliest,
                likely);
    }

    private static Due due(Trigger.Kind kind, DueAction action, int earliest, int likely) {
        Trigger trigger = kind.of(12);
        return new Due(
                action,
                new DueRange(FROM.plusDays(earliest), FROM.plusDays(likely), FROM.plusDays(likely)),
                new GoverningRule(new DueRule(action, trigger), trigger, Authority.WORKSHOP, "rule", ""),
                new Serviced(FROM.minusYears(1), 0));
    }
}
