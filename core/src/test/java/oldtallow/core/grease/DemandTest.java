package oldtallow.core.grease;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a hub asks of its grease, each property from both sides of its limit. Common practice. */
class DemandTest {

    private static final String PRESSURE = "for extreme pressure";

    /** What is wanted: heat by brake and load, extreme pressure and NLGI 2 always; the rest by what the hub goes through. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "NONE | false |   0 | false | for 100 °C and more | the bearing warms itself only | ",
                "DRUM | false | -20 | false | for 120 °C and more | a drum warms the hub | ",
                "DRUM | false | -21 | false | for 120 °C and more | a drum warms the hub | for -21 °C",
                "DRUM | false |   0 | true  | for 160 °C and more | drums glow on braked hills | base oil of 100 mm²/s or more at 40 °C",
                "DISC | false |   0 | false | for 160 °C and more | disc brakes heat the hub; the mark GC on the tin says so | ",
                "NONE | true  |   0 | false | for 100 °C and more | the bearing warms itself only | marine grade, stands water",
            })
    void asksForWhatTheHubGoesThrough(
            BrakeKind brake, boolean dunked, int coldest, boolean heavy, String heat, String why, String more) {
        List<String> expected = new ArrayList<>(List.of(heat, PRESSURE, "NLGI 2"));
        Optional.ofNullable(more).ifPresent(expected::add);

        List<Demand.Want> wants = new Demand(brake, dunked, coldest, heavy).wants();

        assertThat(wants).extracting(Demand.Want::wants).isEqualTo(expected);
        assertThat(wants.getFirst().why()).isEqualTo(why);
        assertThat(wants).allSatisfy(want -> assertThat(want.why()).isNotBlank());
    }

    /** A grease that falls short in one thing is told that one thing; one that just reaches it is told nothing. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "DRUM | false |   0 | false | hottest=120   | ",
                "DRUM | false |   0 | false | hottest=119   | stands 119 °C; here it can be 120 °C",
                "DRUM | false |   0 | true  | hottest=159   | stands 159 °C; here it can be 160 °C",
                "DISC | false |   0 | false | hottest=160   | ",
                "NONE | false | -25 | false | coldest=-25   | ",
                "NONE | false | -25 | false | coldest=-24   | goes down to -24 °C; here it can be -25 °C",
                "NONE | true  |   0 | false | water=true    | ",
                "NONE | true  |   0 | false | water=false   | 'does not stand water, and this hub is dunked'",
                "NONE | false |   0 | false | water=false   | ",
                "NONE | false |   0 | false | pressure=true | ",
                "NONE | false |   0 | false | pressure=false| has no additives for extreme pressure",
                "NONE | false |   0 | true  | oil=100       | ",
                "NONE | false |   0 | true  | oil=99.9      | base oil too thin for this load",
                "NONE | false |   0 | false | oil=68        | ",
                "NONE | false |   0 | false | bearings=true | ",
                "NONE | false |   0 | false | bearings=false| a chassis grease: for wheel bearings the tin says GB or GC",
                "NONE | false |   0 | false | grade=NLGI_1  | ",
                "NONE | false |   0 | false | grade=NLGI_3  | ",
                "NONE | false |   0 | false | grade=NLGI_0  | 'NLGI 0 is not for wheel bearings: 1, 2 or 3'",
                "NONE | false |   0 | false | grade=NLGI_4  | 'NLGI 4 is not for wheel bearings: 1, 2 or 3'",
                "NONE | true  |   0 | false | soap=SODIUM   | sodium grease washes out with water",
                "NONE | false |   0 | false | soap=SODIUM   | ",
                "DISC | true  | -40 | true  | nothing=known | ",
            })
    void tellsWhatAGreaseFallsShortIn(
            BrakeKind brake, boolean dunked, int coldest, boolean heavy, String known, String misfit) {
        Demand demand = new Demand(brake, dunked, coldest, heavy);

        assertThat(demand.misfits(known(known))).isEqualTo(misfit == null ? List.of() : List.of(misfit));
    }

    @ParameterizedTest
    @ValueSource(ints = {-61, 31})
    void refusesAColdNobodyDrivesIn(int celsius) {
        assertThatThrownBy(() -> new Demand(BrakeKind.NONE, false, celsius, false))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("coldest day")
                .hasMessageContaining("-60 to 30 °C");
    }

    @Test
    void takesTheEndsOfItsRange() {
        assertThat(new Demand(BrakeKind.NONE, false, -60, false).coldest()).isEqualTo(-60);
        assertThat(new Demand(BrakeKind.NONE, false, 30, false).coldest()).isEqualTo(30);
    }

    /** All that a code on the tin tells is held against the hub: DIN 51825, K P F 2 K -30: 120 °C, to −30 °C, stands water at 0 or 1. */
    @Test
    void readsWhatTheCodeTells() {
        Demand.Known known = Demand.Known.of(
                Thickener.LITHIUM_COMPLEX, Optional.of(GreaseCode.parse("KP2K-30")), Optional.of(150.0));

        assertThat(known.grade()).contains(NlgiGrade.NLGI_2);
        assertThat(known.hottest()).contains(120);
        assertThat(known.coldest()).contains(-30);
        assertThat(known.extremePressure()).contains(true);
        assertThat(known.viscosityAt40()).contains(150.0);
        assertThat(new Demand(BrakeKind.DRUM, false, -30, false).misfits(known)).isEmpty();
        assertThat(new Demand(BrakeKind.DISC, false, -31, false).misfits(known)).hasSize(2);
    }

    private static Demand.Known known(String written) {
        String[] parts = written.strip().split("=", -1);
        return new Demand.Known(
                value(parts, "grade").map(NlgiGrade::valueOf),
                value(parts, "soap").map(Thickener::valueOf).orElse(Thickener.LITHIUM_COMPLEX),
                value(parts, "coldest").map(Integer::valueOf),
                value(parts, "hottest").map(Integer::valueOf),
                value(parts, "water").map(Boolean::valueOf),
                value(parts, "pressure").map(Boolean::valueOf),
                value(parts, "bearings").map(Boolean::valueOf),
                value(parts, "oil").map(Double::valueOf));
    }

    private static Optional<String> value(String[] parts, String name) {
        return parts[0].equals(name) ? Optional.of(parts[1]) : Optional.empty();
    }
}
