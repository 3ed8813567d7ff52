package oldtallow.core.schedule.almanac;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.LongStream;
import oldtallow.core.hub.Construction;
import oldtallow.core.schedule.distance.DueRange;
import oldtallow.core.schedule.distance.Forecast;
import oldtallow.core.schedule.distance.Past;
import oldtallow.core.schedule.distance.PlannedRun;
import oldtallow.core.schedule.distance.UseRate;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.FigureValue.Interval;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.DueRule;
import oldtallow.core.schedule.interval.Duty;
import oldtallow.core.schedule.interval.Severity;
import oldtallow.core.schedule.interval.Trigger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class AlmanacTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 3, 31);
    private static final DueRule YEARLY = rule(DueAction.REPACK, Trigger.Kind.MONTHS, 12);
    private static final DueRule BY_DISTANCE = rule(DueAction.REPACK, Trigger.Kind.KILOMETRES, 19_312);

    /** 12 months or 12,000 mi, whichever comes first: common practice. At 100 km a day it is the distance, at 10 the year. */
    @Test
    void takesTheSoonerOfMonthsAndDistance() {
        ServiceHistory history = done(DueAction.REPACK, TODAY.minusDays(10), 0);

        assertThat(first(history, use(100), YEARLY, BY_DISTANCE)).satisfies(due -> {
            assertThat(due.governs().rule()).isEqualTo(BY_DISTANCE);
            assertThat(due.when().likely()).isEqualTo(TODAY.plusDays(194));
        });
        assertThat(first(history, use(10), YEARLY, BY_DISTANCE)).satisfies(due -> {
            assertThat(due.governs().rule()).isEqualTo(YEARLY);
            assertThat(due.when().likely()).isEqualTo(TODAY.minusDays(10).plusYears(1));
        });
    }

    /** A service of 29 February is due on the 28th a year later. */
    @Test
    void keepsToTheCalendarInLeapYears() {
        ServiceHistory history = done(DueAction.REPACK, LocalDate.of(2024, 2, 29), 0);

        assertThat(first(history, use(0), YEARLY).when()).isEqualTo(DueRange.exactly(LocalDate.of(2025, 2, 28)));
        DueRule onTheLeapDay = rule(DueAction.REPACK, Trigger.Kind.SEASON_END, 229);
        assertThat(first(history, use(0), onTheLeapDay).when().likely()).isEqualTo(LocalDate.of(2025, 2, 28));
    }

    @Test
    void countsWaterSinceItWasLastOpened() {
        DueRule twice = rule(DueAction.REPACK, Trigger.Kind.DUNKINGS, 2);
        var use = new RigUse(
                forecast(0),
                List.of(
                        new WaterEntry(TODAY.minusDays(30), WaterEntry.Kind.DUNKING),
                        new WaterEntry(TODAY.minusDays(9), WaterEntry.Kind.CROSSING),
                        new WaterEntry(TODAY.minusDays(8), WaterEntry.Kind.DUNKING),
                        new WaterEntry(TODAY.plusDays(4), WaterEntry.Kind.DUNKING)),
                List.of());

        assertThat(first(done(DueAction.REPACK, TODAY.minusDays(40), 0), use, twice)
                        .when()
                        .likely())
                .isEqualTo(TODAY.minusDays(8));
        assertThat(first(done(DueAction.REPACK, TODAY.minusDays(20), 0), use, twice)
                        .when()
                        .likely())
                .isEqualTo(TODAY.plusDays(4));
        assertThat(dues(done(DueAction.REPACK, TODAY.minusDays(5), 0), use, twice))
                .isEmpty();
    }

    @Test
    void countsTripsBySeasonAndByTheirLastDay() {
        DueRule everyTrip = rule(DueAction.INSPECT, Trigger.Kind.TRIPS, 1);
        var use = new RigUse(forecast(0), List.of(), List.of(TODAY.minusDays(20), TODAY.plusDays(9)));

        assertThat(first(done(DueAction.INSPECT, TODAY.minusDays(20), 0), use, everyTrip)
                        .when()
                        .likely())
                .isEqualTo(TODAY.plusDays(9));
        DueRule season = rule(DueAction.REPACK, Trigger.Kind.SEASON_END, 1031);
        assertThat(first(done(DueAction.REPACK, LocalDate.of(2025, 10, 31), 0), use, season)
                        .when()
                        .likely())
                .isEqualTo(LocalDate.of(2026, 10, 31));
        assertThat(first(done(DueAction.REPACK, LocalDate.of(2025, 10, 30), 0), use, season)
                        .when()
                        .likely())
                .isEqualTo(LocalDate.of(2025, 10, 31));
    }

    /** After the wheel was off: 10, 25 and 50 mi, common practice. */
    @Test
    void wantsTheWheelNutsOnceForEveryMark() {
        DueRule[] marks = {
            rule(DueAction.RETORQUE, Trigger.Kind.AFTER_WHEEL_OFF, 80),
            rule(DueAction.RETORQUE, Trigger.Kind.AFTER_WHEEL_OFF, 16),
            rule(DueAction.RETORQUE, Trigger.Kind.AFTER_WHEEL_OFF, 40)
        };
        var off = new Serviced(TODAY, 0);
        RigUse use = use(8);

        assertThat(first(new ServiceHistory(Map.of(), Optional.of(off), 0), use, marks)
                        .when()
                        .likely())
                .isEqualTo(TODAY.plusDays(2));
        ServiceHistory once = new ServiceHistory(Map.of(), Optional.of(off), 0)
                .with(DueAction.RETORQUE, new Serviced(TODAY.plusDays(2), 16));
        assertThat(first(once, use, marks).when().likely()).isEqualTo(TODAY.plusDays(5));
        ServiceHistory late = new ServiceHistory(Map.of(), Optional.of(off), 0)
                .with(DueAction.RETORQUE, new Serviced(TODAY.plusDays(11), 88));
        assertThat(dues(late, use, marks)).as("one at 88 km does for all three").isEmpty();
        assertThat(dues(ServiceHistory.NONE, use, marks)).as("no wheel was off").isEmpty();
    }

    @Test
    void forgetsNoWheelNutsWhereNothingTellsHowItIsUsed() {
        DueRule mark = rule(DueAction.RETORQUE, Trigger.Kind.AFTER_WHEEL_OFF, 80);
        var unknown =
                new RigUse(new Forecast(TODAY, 0, Optional.empty(), List.of(), Past.UNKNOWN), List.of(), List.of());
        var off = new ServiceHistory(Map.of(), Optional.of(new Serviced(TODAY, 0)), 0);

        assertThat(first(off, unknown, mark).when()).isEqualTo(DueRange.exactly(TODAY.plusDays(7)));
        DueRule firstRun = rule(DueAction.ADJUST, Trigger.Kind.FIRST_RUN, 300);
        assertThat(first(done(DueAction.RENEW, TODAY, 0), unknown, firstRun)
                        .when()
                        .likely())
                .isEqualTo(TODAY.plusDays(90));
        assertThat(dues(done(DueAction.REPACK, TODAY, 0), unknown, BY_DISTANCE)).isEmpty();
    }

    @Test
    void newBearingsAreMeasuredAgainOnce() {
        DueRule firstRun = rule(DueAction.ADJUST, Trigger.Kind.FIRST_RUN, 300);
        ServiceHistory renewed = done(DueAction.RENEW, TODAY, 0);

        assertThat(first(renewed, use(10), firstRun).when().likely()).isEqualTo(TODAY.plusDays(30));
        assertThat(dues(renewed.with(DueAction.ADJUST, new Serviced(TODAY.plusDays(9), 90)), use(10), firstRun))
                .isEmpty();
        assertThat(dues(done(DueAction.REPACK, TODAY, 0), use(10), firstRun)).isEmpty();
    }

    @Test
    void anActionCoversTheLesserOnes() {
        ServiceHistory history = done(DueAction.RENEW, TODAY.minusDays(3), 70)
                .with(DueAction.INSPECT, new Serviced(TODAY.minusDays(1), 90))
                .with(DueAction.INSPECT, new Serviced(TODAY.minusDays(2), 80));

        assertThat(history.lastFor(DueAction.REPACK)).contains(new Serviced(TODAY.minusDays(3), 70));
        assertThat(history.lastFor(DueAction.INSPECT)).contains(new Serviced(TODAY.minusDays(1), 90));
        assertThat(history.lastFor(DueAction.RETORQUE)).isEmpty();
    }

    @Test
    void saysNothingOfWhatNobodyKnowsToHaveBeenDone() {
        assertThat(dues(ServiceHistory.NONE, use(10), YEARLY, BY_DISTANCE)).isEmpty();
    }

    @Test
    void sortsWhatTakesAWheelOffBeforeWhatWearsABearing() {
        ServiceHistory history = new ServiceHistory(
                Map.of(DueAction.REPACK, new Serviced(TODAY.minusYears(1).minusDays(30), 0)),
                Optional.of(new Serviced(TODAY, 0)),
                0);
        DueRule mark = rule(DueAction.RETORQUE, Trigger.Kind.AFTER_WHEEL_OFF, 80);

        assertThat(dues(history, use(10), YEARLY, mark))
                .as("nuts due in 8 days before a repack 30 days late")
                .extracting(Due::action)
                .containsExactly(DueAction.RETORQUE, DueAction.REPACK);
    }

    /** A mark that was run past before the last re-torque is done, whichever stood first in the rules; the next one counts. */
    @Test
    void countsMarksByWhatWasRun() {
        DueRule first = rule(DueAction.RETORQUE, Trigger.Kind.AFTER_WHEEL_OFF, 15);
        DueRule second = rule(DueAction.RETORQUE, Trigger.Kind.AFTER_WHEEL_OFF, 80);
        DueRule third = rule(DueAction.RETORQUE, Trigger.Kind.AFTER_WHEEL_OFF, 200);
        ServiceHistory off = ServiceHistory.NONE.withWheelOff(new Serviced(TODAY.minusDays(9), 1000));

        assertThat(next(off, third, first, second)).isEqualTo(first);
        assertThat(next(off.with(DueAction.RETORQUE, new Serviced(TODAY, 1010)), third, first, second))
                .as("done early still is the first")
                .isEqualTo(second);
        assertThat(next(off.with(DueAction.RETORQUE, new Serviced(TODAY, 1080)), third, first, second))
                .as("80 km run, to the kilometre")
                .isEqualTo(third);
        assertThat(next(off.with(DueAction.RETORQUE, new Serviced(TODAY, 1079.9)), third, first, second))
                .isEqualTo(second);
        assertThat(dues(
                        off.with(DueAction.RETORQUE, new Serviced(TODAY, 1300))
                                .with(DueAction.REPACK, new Serviced(TODAY, 1300)),
                        use(10),
                        YEARLY,
                        first))
                .as("what else there is stays")
                .extracting(Due::action)
                .containsExactly(DueAction.REPACK);
    }

    private static DueRule next(ServiceHistory history, DueRule... rules) {
        return first(history, use(10), rules).governs().rule();
    }

    /** With the wheel off again the nuts start anew, and what else was done stays done. */
    @Test
    void keepsWhatElseWasDoneWhenAWheelComesOff() {
        ServiceHistory history = done(DueAction.REPACK, TODAY, 5)
                .with(DueAction.RETORQUE, new Serviced(TODAY, 20))
                .withWheelOff(new Serviced(TODAY, 30));

        assertThat(history.last()).containsOnlyKeys(DueAction.REPACK);
        assertThat(history.retorques()).isZero();
    }

    /** Minutes; half an hour a side unbraked is common practice, new bearings half an hour more. */
    @ParameterizedTest
    @CsvSource({
        "RETORQUE, STRAIGHT_SPINDLE, 5",
        "TOP_UP, OIL_BATH_HEAVY, 5",
        "INSPECT, ROTOR_HUB, 10",
        "ADJUST, ROTOR_HUB, 20",
        "REPACK, STEPPED_UNBRAKED, 30",
        "REPACK, GREASE_THROUGH, 60",
        "REPACK, CLASSIC_CAR, 75",
        "REPACK, SPACER_SET, 120",
        "REPACK, OIL_BATH_HEAVY, 150",
        "RENEW, STRAIGHT_SPINDLE, 60",
        "RENEW, LOCKING_HUB_FRONT, 150"
    })
    void takesSoLong(DueAction action, Construction construction, int minutes) {
        assertThat(WorkTime.usual(action, construction)).hasMinutes(minutes);
    }

    /** By the day each wants attention, whatever its action: 60 days before its nuts, 10 before the play is measured again. */
    @Test
    void putsFirstWhatWantsAttentionFirst() {
        var done = new Serviced(TODAY.minusMonths(6), 0);
        ServiceHistory history = new ServiceHistory(
                Map.of(DueAction.REPACK, done, DueAction.RENEW, done, DueAction.INSPECT, done),
                Optional.of(new Serviced(TODAY, 0)),
                0);
        List<Due> dues = dues(
                history,
                use(5),
                rule(DueAction.REPACK, Trigger.Kind.MONTHS, 9),
                rule(DueAction.RENEW, Trigger.Kind.MONTHS, 8),
                rule(DueAction.INSPECT, Trigger.Kind.MONTHS, 7),
                rule(DueAction.TOP_UP, Trigger.Kind.MONTHS, 6),
                rule(DueAction.RETORQUE, Trigger.Kind.AFTER_WHEEL_OFF, 400));

        assertThat(dues)
                .extracting(Due::action)
                .containsExactly(
                        DueAction.TOP_UP, // 31 March
                        DueAction.RETORQUE, // 19 June, less 60 days
                        DueAction.INSPECT, // 30 April
                        DueAction.RENEW,
                        DueAction.REPACK);
        assertThat(dues.get(1).attentionOn()).isEqualTo(TODAY.plusDays(80).minusDays(60));
        assertThat(dues(
                        history,
                        use(5),
                        rule(DueAction.RENEW, Trigger.Kind.MONTHS, 9),
                        rule(DueAction.INSPECT, Trigger.Kind.MONTHS, 9),
                        rule(DueAction.REPACK, Trigger.Kind.MONTHS, 9)))
                .as("on one day by what is at stake")
                .extracting(Due::action)
                .containsExactly(DueAction.REPACK, DueAction.RENEW, DueAction.INSPECT);
    }

    /** A maker's figure above a workshop's rule above common practice, for what it speaks of. */
    @Test
    void goesByTheMakerForWhatTheMakerSpeaksOf() {
        List<GoverningFigure<FigureValue>> ladder = List.of(
                figure(Authority.MAKER, rule(DueAction.REPACK, Trigger.Kind.MONTHS, 24)),
                figure(
                        Authority.WORKSHOP,
                        rule(DueAction.REPACK, Trigger.Kind.MONTHS, 6),
                        rule(DueAction.REPACK, Trigger.Kind.DUNKINGS, 3)),
                figure(
                        Authority.COMMON_PRACTICE,
                        rule(DueAction.REPACK, Trigger.Kind.KILOMETRES, 19_312),
                        rule(DueAction.REPACK, Trigger.Kind.DUNKINGS, 1),
                        rule(DueAction.RENEW, Trigger.Kind.MONTHS, 60)));

        assertThat(GoverningRule.among(ladder, Set.of(), Duty.TRAILER))
                .extracting(rule -> rule.authority() + " " + rule.rule().words())
                .containsExactly(
                        "MAKER repack and set every 24 months",
                        "WORKSHOP repack and set after 3 dunkings",
                        "COMMON_PRACTICE renew the bearings every 60 months");
    }

    /** Half the distance with repeated water crossings, 5,000 to 2,500 km: common practice. The maker's figure stands. */
    @Test
    void hardUseShortensWhatTheTradeGoesByAndLeavesTheMakersFigure() {
        DueRule camper = rule(DueAction.REPACK, Trigger.Kind.KILOMETRES, 5_000);

        assertThat(hard(Authority.COMMON_PRACTICE, camper, Severity.WATER_CROSSINGS)
                        .trigger()
                        .number())
                .isEqualTo(2_500);
        assertThat(hard(Authority.COMMON_PRACTICE, camper, Severity.WATER_CROSSINGS)
                        .hardUse())
                .isEqualTo("repeated water crossings");
        assertThat(hard(Authority.MAKER, camper, Severity.WATER_CROSSINGS)
                        .trigger()
                        .number())
                .isEqualTo(5_000);
        assertThat(Severity.factor(EnumSet.allOf(Severity.class))).isEqualTo(1.0 / 3);
        assertThat(hard(Authority.WORKSHOP, YEARLY, Severity.SALT_WATER).trigger())
                .isEqualTo(YEARLY.trigger());
    }

    /** A camper off the road has its own practice, which is not halved again; a workshop's rule is: common practice. */
    @Test
    void whatAPracticeWasMadeForDoesNotShortenItTwice() {
        DueRule rule = rule(DueAction.REPACK, Trigger.Kind.KILOMETRES, 5_000);
        Function<Authority, Integer> km = authority -> GoverningRule.among(
                        List.of(figure(authority, rule)), Set.of(Severity.OFF_ROAD), Duty.REMOTE_CAMPER)
                .getFirst()
                .trigger()
                .number();

        assertThat(km.apply(Authority.COMMON_PRACTICE)).isEqualTo(5_000);
        assertThat(km.apply(Authority.WORKSHOP)).isEqualTo(2_500);
    }

    static LongStream seeds() {
        return LongStream.range(0, 300);
    }

    /** With any more rules, water, trips or kilometres nothing is due later, and the sooner of all rules really is. */
    @ParameterizedTest
    @MethodSource("seeds")
    void isNeverLaterWithMore(long seed) {
        var random = new Random(seed);
        List<GoverningRule> rules = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            rules.add(governing(random(random)));
        }
        ServiceHistory history = done(DueAction.REPACK, TODAY.minusDays(random.nextInt(900)), -random.nextInt(9_000));
        double kmPerDay = random.nextInt(80);
        List<WaterEntry> water = water(random);
        RigUse use = new RigUse(forecast(kmPerDay), water, List.of());
        Optional<LocalDate> usual = likely(rules, history, use);

        notLater(likely(rules, history, new RigUse(forecast(kmPerDay * 1.3), water, List.of())), usual);
        List<WaterEntry> wetter = new ArrayList<>(water(random));
        wetter.addAll(water);
        notLater(likely(rules, history, new RigUse(use.forecast(), wetter, List.of())), usual);
        var trip = new PlannedRun(TODAY.plusDays(5), TODAY.plusDays(20), random.nextInt(9_000));
        notLater(
                likely(
                        rules,
                        history,
                        new RigUse(
                                new Forecast(TODAY, 0, use.forecast().rate(), List.of(trip), Past.UNKNOWN),
                                water,
                                List.of())),
                usual);
        List<GoverningRule> more = new ArrayList<>(rules);
        more.add(governing(random(random)));
        notLater(likely(more, history, use), usual);
        assertThat(usual)
                .isEqualTo(rules.stream()
                        .flatMap(rule -> likely(List.of(rule), history, use).stream())
                        .min(LocalDate::compareTo));
    }

    private static DueRule random(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> rule(DueAction.REPACK, Trigger.Kind.MONTHS, 1 + random.nextInt(36));
            case 1 -> rule(DueAction.REPACK, Trigger.Kind.KILOMETRES, 100 + random.nextInt(30_000));
            case 2 -> rule(DueAction.REPACK, Trigger.Kind.DUNKINGS, 1 + random.nextInt(5));
            default -> rule(DueAction.REPACK, Trigger.Kind.SEASON_END, 101 + 100 * random.nextInt(12));
        };
    }

    private static List<WaterEntry> water(Random random) {
        List<WaterEntry> water = new ArrayList<>();
        for (int i = 0; i < random.nextInt(6); i++) {
            water.add(new WaterEntry(TODAY.minusDays(random.nextInt(600) - 100), WaterEntry.Kind.DUNKING));
        }
        return water;
    }

    private static Optional<LocalDate> likely(List<GoverningRule> rules, ServiceHistory history, RigUse use) {
        return Almanac.dues(rules, history, use).stream()
                .map(due -> due.when().likely())
                .findFirst();
    }

    private static void notLater(Optional<LocalDate> more, Optional<LocalDate> less) {
        less.ifPresent(day -> assertThat(more.orElseThrow()).isBeforeOrEqualTo(day));
    }

    private static GoverningRule hard(Authority authority, DueRule rule, Severity... uses) {
        return GoverningRule.among(List.of(figure(authority, rule)), Set.of(uses), Duty.TOURING_TRAILER)
                .getFirst();
    }

    private static GoverningFigure<FigureValue> figure(Authority authority, DueRule... rules) {
        return new GoverningFigure<>(new Interval(List.of(rules)), authority, "somewhere");
    }

    private static GoverningRule governing(DueRule rule) {
        return new GoverningRule(rule, rule.trigger(), Authority.WORKSHOP, "rule", "");
    }

    private static ServiceHistory done(DueAction action, LocalDate on, double km) {
        return ServiceHistory.NONE.with(action, new Serviced(on, km));
    }

    private static DueRule rule(DueAction action, Trigger.Kind kind, int number) {
        return new DueRule(action, kind.of(number));
    }

    private static Due first(ServiceHistory history, RigUse use, DueRule... rules) {
        return dues(history, use, rules).getFirst();
    }

    private static List<Due> dues(ServiceHistory history, RigUse use, DueRule... rules) {
        return Almanac.dues(List.of(rules).stream().map(AlmanacTest::governing).toList(), history, use);
    }

    private static Forecast forecast(double kmPerDay) {
        return new Forecast(
                TODAY, 0, Optional.of(new UseRate(Collections.nCopies(12, kmPerDay), 0.5, 0)), List.of(), Past.UNKNOWN);
    }

    private static RigUse use(double kmPerDay) {
        return new RigUse(forecast(kmPerDay), List.of(), List.of());
    }
}
