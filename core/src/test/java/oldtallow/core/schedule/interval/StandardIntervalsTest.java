package oldtallow.core.schedule.interval;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.MonthDay;
import java.util.List;
import java.util.Set;
import oldtallow.core.hub.Construction;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class StandardIntervalsTest {

    private static final String HEADER = "practice,name,action,trigger,number,source\n";

    @Test
    void shipsThePracticesOfTheTrade() {
        assertThat(StandardIntervals.all())
                .extracting(IntervalPractice::id)
                .containsExactly(
                        "year-or-distance",
                        "boat-trailer",
                        "trailer-axle",
                        "salt-season",
                        "remote-camper",
                        "touring-trailer",
                        "classic-car",
                        "four-wheel-drive",
                        "heavy-trailer",
                        "spring-cap",
                        "after-storage");
        assertThat(StandardIntervals.all()).allSatisfy(practice -> {
            assertThat(practice.rules()).doesNotHaveDuplicates();
            assertThat(practice.source()).contains("common practice");
        });
    }

    /**
     * 12 months or 12,000 mi, 6,000 mi for boat tandems, 5,000 and 10,000 km for remote campers, re-torque at 10, 25 and 50
     * mi: common practice; the mile is 1.609344 km (international agreement of 1959).
     */
    @ParameterizedTest
    @CsvSource({
        "year-or-distance, REPACK, KILOMETRES, 12000",
        "boat-trailer, REPACK, KILOMETRES, 6000",
        "trailer-axle, INSPECT, KILOMETRES, 3000",
        "trailer-axle, RETORQUE, AFTER_WHEEL_OFF, 10",
        "trailer-axle, RETORQUE, AFTER_WHEEL_OFF, 25",
        "trailer-axle, RETORQUE, AFTER_WHEEL_OFF, 50",
        "classic-car, REPACK, KILOMETRES, 10000",
        "four-wheel-drive, REPACK, KILOMETRES, 12000",
    })
    void countsMilesInKilometres(String practice, DueAction action, Trigger.Kind kind, int miles) {
        int kilometres = (int) Math.round(miles * 1.609344);

        assertThat(practice(practice).rules()).contains(new DueRule(action, kind.of(kilometres)));
    }

    @ParameterizedTest
    @EnumSource(Duty.class)
    void everyDutyHasTheHubOpenedAndTheNutsDoneAgainTwice(Duty duty) {
        List<DueRule> rules = StandardIntervals.common(duty).rules();

        assertThat(rules).anyMatch(rule -> rule.action() == DueAction.REPACK);
        assertThat(rules)
                .filteredOn(rule -> rule.action() == DueAction.RETORQUE)
                .hasSizeGreaterThanOrEqualTo(2);
    }

    /**
     * What each rig is opened by, whole: months, kilometres or times; common practice. Twelve thousand miles are
     * 19,312 km, six thousand 9,656, ten thousand 16,093.
     */
    @ParameterizedTest
    @CsvSource({
        "TRAILER, REPACK 12 months; REPACK 19312 km; ADJUST 300 first",
        "BOAT_TRAILER, REPACK 12 months; REPACK 9656 km; ADJUST 300 first",
        "SALT_BOAT_TRAILER, INSPECT 1 dunkings; REPACK 1031 season; REPACK 12 months; ADJUST 300 first",
        "TOURING_TRAILER, REPACK 12 months; REPACK 10000 km; ADJUST 1000 first",
        "REMOTE_CAMPER, REPACK 5000 km; RENEW 10000 km; REPACK 12 months; INSPECT 1 crossings",
        "CLASSIC_CAR, REPACK 24 months; REPACK 16093 km",
        "LIGHT_TRUCK, REPACK 12 months; REPACK 19312 km; ADJUST 300 first",
        "FOUR_WHEEL_DRIVE, REPACK 12 months; REPACK 19312 km; INSPECT 1 crossings; ADJUST 300 first",
        "HEAVY_TRAILER, INSPECT 3 months; REPACK 160000 km"
    })
    void opensEachRigByItsOwn(Duty duty, String rules) {
        List<String> kept = StandardIntervals.common(duty).rules().stream()
                .filter(rule -> rule.action() != DueAction.RETORQUE)
                .map(rule -> rule.action() + " " + rule.trigger().number() + " "
                        + switch (rule.trigger().kind()) {
                            case MONTHS -> "months";
                            case KILOMETRES -> "km";
                            case FIRST_RUN -> "first";
                            case DUNKINGS -> "dunkings";
                            case CROSSINGS -> "crossings";
                            case SEASON_END -> "season";
                            case TRIPS, AFTER_WHEEL_OFF -> throw new AssertionError(rule);
                        })
                .toList();

        assertThat(kept).containsExactlyInAnyOrder(rules.split("; ", -1));
    }

    /** What was done covers the lesser things: rows done, columns covered, in the order of the actions. */
    @ParameterizedTest
    @CsvSource({
        "RETORQUE, 100000",
        "REPACK, 010111",
        "RENEW, 011111",
        "ADJUST, 000110",
        "INSPECT, 000010",
        "TOP_UP, 000001"
    })
    void coversTheLesserThings(DueAction done, String covered) {
        List<DueAction> actions = List.of(DueAction.values());

        assertThat(actions)
                .allSatisfy(action -> assertThat(done.covers(action))
                        .as("%s", action)
                        .isEqualTo(covered.charAt(actions.indexOf(action)) == '1'));
    }

    /**
     * 5,000 km for campers off the road, after every season in salt water, classic cars by date, 12,000 mi or a year for
     * trailers and four-wheel drives, the long distance only for oil baths: common practice.
     */
    @ParameterizedTest
    @CsvSource({
        "TRAILER, '', STEPPED_BRAKED, year-or-distance",
        "TRAILER, OFF_ROAD, STRAIGHT_SPINDLE, year-or-distance",
        "BOAT_TRAILER, '', STEPPED_BRAKED, boat-trailer",
        "BOAT_TRAILER, SALT_WATER, STRAIGHT_SPINDLE, salt-season",
        "TOURING_TRAILER, WATER_CROSSINGS, STEPPED_BRAKED, touring-trailer",
        "TOURING_TRAILER, OFF_ROAD, STEPPED_BRAKED, remote-camper",
        "CLASSIC_CAR, '', CLASSIC_CAR, classic-car",
        "CLASSIC_CAR, OFF_ROAD, LOCKING_HUB_FRONT, classic-car",
        "LIGHT_TRUCK, '', ROTOR_HUB, year-or-distance",
        "LIGHT_TRUCK, '', FULL_FLOATING_REAR, four-wheel-drive",
        "FOUR_WHEEL_DRIVE, OFF_ROAD, DRIVE_FLANGE_FRONT, four-wheel-drive",
        "HEAVY_TRAILER, '', OIL_BATH_HEAVY, heavy-trailer",
        "HEAVY_TRAILER, '', STEPPED_BRAKED, year-or-distance",
        "TRAILER, '', OIL_BATH_HEAVY, heavy-trailer",
    })
    void followsWhatTheRigIs(Duty rig, String use, Construction construction, String practice) {
        Set<Severity> uses = use.isEmpty() ? Set.of() : Set.of(Severity.valueOf(use));

        assertThat(StandardIntervals.common(Duty.at(rig, uses, construction)).id())
                .isEqualTo(practice);
    }

    /** Topping up is no service, and asked only where there is such a cap: common practice. */
    @Test
    void topsUpSpringLoadedCapsOnly() {
        assertThat(new Upkeep(Duty.BOAT_TRAILER, true).rules()).anyMatch(rule -> rule.action() == DueAction.TOP_UP);
        assertThat(new Upkeep(Duty.BOAT_TRAILER, false).rules()).noneMatch(rule -> rule.action() == DueAction.TOP_UP);
        assertThat(DueAction.values())
                .allSatisfy(
                        action -> assertThat(DueAction.TOP_UP.covers(action)).isEqualTo(action == DueAction.TOP_UP));
        assertThat(DueAction.REPACK.covers(DueAction.TOP_UP)).isTrue();
    }

    @Test
    void saysWhatEachRuleGoesBy() {
        assertThat(practice("year-or-distance").source()).isEqualTo("common practice: 12 months or 12000 mi");
        practice("year-or-distance")
                .bySource()
                .forEach((source, rules) -> assertThat(source)
                        .satisfies(words -> assertThat(words.contains("wheel was off"))
                                .isEqualTo(rules.getFirst().action() == DueAction.RETORQUE)));
    }

    /** The file read again says what the product goes by. */
    @Test
    void readsWhatIsWritten() throws IOException {
        try (InputStream file = requireNonNull(IntervalPractice.class.getResourceAsStream("interval-practices.csv"))) {
            assertThat(StandardIntervals.read("again", new InputStreamReader(file, StandardCharsets.UTF_8))
                            .values())
                    .containsExactlyElementsOf(StandardIntervals.all())
                    .allSatisfy(practice -> {
                        assertThat(practice.rules()).isNotEmpty();
                        assertThat(practice.bySource().values().stream()
                                        .flatMap(List::stream)
                                        .toList())
                                .containsExactlyInAnyOrderElementsOf(practice.rules());
                    });
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "MONTHS | 1 | every month",
                "MONTHS | 12 | every 12 months",
                "KILOMETRES | 19312 | 'every 19,312 km'",
                "DUNKINGS | 1 | after every dunking",
                "DUNKINGS | 3 | after 3 dunkings",
                "CROSSINGS | 1 | after every water crossing",
                "CROSSINGS | 2 | after 2 water crossings",
                "TRIPS | 1 | after every trip",
                "TRIPS | 4 | after 4 trips",
                "FIRST_RUN | 300 | 300 km after new bearings",
                "AFTER_WHEEL_OFF | 80 | 80 km after the wheel was off",
            })
    void saysWhen(Trigger.Kind kind, int number, String words) {
        assertThat(kind.of(number).words()).isEqualTo(words);
    }

    @Test
    void readsAnEndOfSeasonAsMonthAndDay() {
        assertThat(Trigger.Kind.SEASON_END.of(1031)).isEqualTo(new Trigger.SeasonEnd(MonthDay.of(10, 31)));
        assertThat(Trigger.Kind.SEASON_END.of(229).number()).isEqualTo(229);
        assertThat(Trigger.Kind.SEASON_END.of(1031).words()).isEqualTo("at the season's end, 31 October");
        assertThatThrownBy(() -> Trigger.Kind.SEASON_END.of(1301)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> Trigger.Kind.SEASON_END.of(431)).isInstanceOf(OutOfRangeException.class);
    }

    @ParameterizedTest
    @EnumSource(value = Trigger.Kind.class, mode = EnumSource.Mode.EXCLUDE, names = "SEASON_END")
    void refusesIntervalsNobodyKeeps(Trigger.Kind kind) {
        assertThatThrownBy(() -> kind.of(kind.least() - 1)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> kind.of(kind.most() + 1)).isInstanceOf(OutOfRangeException.class);
        assertThat(kind.of(kind.least()).words()).isNotBlank();
        assertThat(kind.of(kind.most()).number()).isEqualTo(kind.most());
    }

    @Test
    void refusesRulesThatMakeNoSense() {
        assertThatThrownBy(() -> new DueRule(DueAction.RETORQUE, Trigger.Kind.MONTHS.of(12)))
                .hasMessageContaining("after the wheel was off");
        assertThatThrownBy(() -> new DueRule(DueAction.REPACK, Trigger.Kind.AFTER_WHEEL_OFF.of(80)))
                .hasMessageContaining("choose another trigger");
        assertThatThrownBy(() -> new DueRule(DueAction.REPACK, Trigger.Kind.FIRST_RUN.of(300)))
                .hasMessageContaining("choose another trigger");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a,A,REPACK,MONTHS,12 | 5 columns",
                "a,A,REPACK,MOONS,12,s | MOONS",
                "a,A,REPACK,MONTHS,0,s | 1 to 240",
                "a,A,RETORQUE,MONTHS,12,s | choose that trigger"
            })
    void stopsAtTheFirstBadRowWithItsLine(String row, String why) {
        assertThatThrownBy(() -> StandardIntervals.read("x.csv", new StringReader(HEADER + row)))
                .hasMessageStartingWith("x.csv:2: ")
                .hasMessageContaining(why);
        assertThatThrownBy(() -> StandardIntervals.read("x.csv", new StringReader("a,b\n")))
                .hasMessageContaining("header");
    }

    private static IntervalPractice practice(String id) {
        return StandardIntervals.all().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
