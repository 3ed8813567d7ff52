package oldtallow.core.interval;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.time.MonthDay;
import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class StandardIntervalsTest {

    private static final String HEADER = "school,name,action,trigger,number,source\n";

    @Test
    void shipsTheSchoolsOfTheTrade() {
        assertThat(StandardIntervals.all())
                .extracting(IntervalSchool::id)
                .containsExactly(
                        "year-or-distance",
                        "boat-trailer",
                        "trailer-axle",
                        "salt-season",
                        "remote-camper",
                        "touring-trailer",
                        "classic-car",
                        "four-wheel-drive",
                        "heavy-trailer");
        assertThat(StandardIntervals.all()).allSatisfy(school -> {
            assertThat(school.rules()).doesNotHaveDuplicates();
            assertThat(school.source()).contains("common practice");
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
    void countsMilesInKilometres(String school, DueAction action, Trigger.Kind kind, int miles) {
        int kilometres = (int) Math.round(miles * 1.609344);

        assertThat(school(school).rules()).contains(new DueRule(action, kind.of(kilometres)));
    }

    @ParameterizedTest
    @EnumSource(Construction.class)
    void hasCommonPracticeForEveryConstruction(Construction construction) {
        List<DueRule> rules = StandardIntervals.common(construction).rules();

        assertThat(rules).contains(new DueRule(DueAction.REPACK, Trigger.Kind.MONTHS.of(12)));
        assertThat(rules).anyMatch(rule -> rule.action() == DueAction.RETORQUE);
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

    private static IntervalSchool school(String id) {
        return StandardIntervals.all().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
