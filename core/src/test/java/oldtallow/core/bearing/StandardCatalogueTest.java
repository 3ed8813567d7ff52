package oldtallow.core.bearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.util.HashMap;
import java.util.Map;
import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Principal dimensions by ANSI/ABMA 19.2 (inch) and ISO 355 (metric), from memory. */
class StandardCatalogueTest {

    private static final String HEADER =
            "cone,cup,series,d_in,d_mm,D_in,D_mm,T_in,T_mm,B_in,B_mm,C_in,C_mm,e,Y,confidence,source\n";

    @Test
    void holdsEveryRowOnce() {
        assertThat(StandardCatalogue.entries())
                .hasSize(265)
                .extracting(entry -> entry.set().designation())
                .doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @CsvSource({
        "L44649/L44610, 26.988, 50.292, 14.224, 14.732, 10.668",
        "L68149/L68111, 34.988, 59.975, 15.875, 16.764, 11.938",
        "25580/25520, 44.450, 82.931, 23.812, 25.400, 19.050",
        "LM11949/LM11910, 19.050, 45.237, 15.494, 16.637, 12.065",
        "HM212049/HM212011, 66.675, 122.238, 38.100, 38.354, 29.718",
        "30205, 25, 52, 16.25, 15, 13",
        "32008X, 40, 68, 19, 19, 14.5"
    })
    void matchesTheStandardsDimensions(String name, double d, double outside, double t, double b, double c) {
        BearingSet set = find(name);

        assertThat(set.bore().millimetres()).isCloseTo(d, within(1e-9));
        assertThat(set.outsideDiameter().millimetres()).isCloseTo(outside, within(1e-9));
        assertThat(set.width().millimetres()).isCloseTo(t, within(1e-9));
        assertThat(set.coneWidth().millimetres()).isCloseTo(b, within(1e-9));
        assertThat(set.cupWidth().millimetres()).isCloseTo(c, within(1e-9));
    }

    /** Contact angles of ISO 355, from memory; e = 1.5·tan α, printed to two digits. */
    @ParameterizedTest
    @CsvSource({
        "30203, 12.9528",
        "30205, 14.0362",
        "30208, 14.0362",
        "30209, 15.1096",
        "30210, 15.6422",
        "32005X, 16",
        "32007X, 16.8333",
        "32009X, 14.6667",
        "33205, 13.1667",
        "33210, 15.4167",
        "30304, 11.3098",
        "30306, 11.8600",
        "30308, 12.9528",
        "31308, 28.8108",
        "32206, 14.0362",
        "32214, 15.6422",
        "32306, 11.8600",
        "32312, 12.9528",
        "32008X, 14.1667",
        "32013X, 17",
        "32907, 11",
        "32910, 12.8333",
        "33008, 10.6667",
        "33014, 10.75",
        "33110, 15.3333",
        "33118, 14.8333",
        "33215, 15.9167"
    })
    void agreesWithTheStandardsContactAngle(String name, double degrees) {
        assertThat(find(name).e()).isCloseTo(1.5 * Math.tan(Math.toRadians(degrees)), within(0.01));
    }

    /** Sets that share a ring must agree in it: L44610 takes three cones, 25520 five. */
    @Test
    void ringsSharedBySetsMeasureAlike() {
        Map<String, BearingSet> byCup = new HashMap<>();
        Map<String, BearingSet> byCone = new HashMap<>();
        int shared = 0;
        for (CatalogueEntry entry : StandardCatalogue.entries()) {
            BearingSet first = byCup.putIfAbsent(entry.set().designation().cup(), entry.set());
            if (first != null) {
                shared++;
                assertThat(entry.set().outsideDiameter()).isEqualTo(first.outsideDiameter());
                assertThat(entry.set().cupWidth()).isEqualTo(first.cupWidth());
                assertThat(entry.set().e())
                        .as("one race, one angle: %s", first.designation())
                        .isEqualTo(first.e());
            }
            BearingSet cone = byCone.putIfAbsent(entry.set().designation().cone(), entry.set());
            if (cone != null) {
                assertThat(entry.set().bore()).isEqualTo(cone.bore());
                assertThat(entry.set().coneWidth()).isEqualTo(cone.coneWidth());
            }
        }
        assertThat(shared).isGreaterThan(20);
    }

    /** What is confirmed by nothing but memory is marked so: all inch sets that came after the sheet's, none of ISO 355's. */
    @Test
    void marksWhatStandsFromMemoryAlone() {
        assertThat(StandardCatalogue.entries())
                .filteredOn(entry -> entry.source().equals("ISO 355"))
                .hasSize(167)
                .allMatch(entry -> entry.confidence() == CatalogueEntry.Confidence.HIGH);
        assertThat(StandardCatalogue.entries())
                .filteredOn(entry -> entry.confidence() == CatalogueEntry.Confidence.UNCERTAIN)
                .hasSizeGreaterThan(50)
                .allMatch(entry -> entry.source().startsWith("ABMA"));
    }

    @Test
    void aConeMayStandProudOfItsSet() {
        assertThat(StandardCatalogue.entries().stream()
                        .map(CatalogueEntry::set)
                        .filter(set ->
                                set.series() == Series.INCH && set.coneWidth().compareTo(set.width()) > 0)
                        .count())
                .isGreaterThan(15);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            L44649,L44610,INCH,1.0625,26.988                                                         | 5 columns
            L44649,L44610,INCH,1.0625,27.9,1.98,50.292,.56,14.224,.58,14.732,.42,10.668,.37,1.6,H,s  | not 27.9
            L44649,L44610,INCH,1.0625,26.988,1.98,50.292,.56,14.224,.58,14.732,.42,10.668,.37,2,H,s  | near 0.6
            L44649,L44610,INCH,,60,,50.292,,14.224,,14.732,,10.668,.37,1.6,H,s                       | greater than the cone bore
            L44649,L44610,INCH,,26.988,,50.292,,14.224,,14.732,,15,.37,1.6,H,s                       | cup width
            L44649,L44610,INCH,,x,,50.292,,14.224,,14.732,,10.668,.37,1.6,H,s                        | x
            L44649,L44610,INCH,,26.988,,50.292,,14.224,,14.732,,10.668,.37,1.6,sure,s                | H or M
            L44649,L44610,INCH,,26.988,,50.292,,14.224,,14.732,,10.668,.37,1.6,H,                    | source
            """)
    void refusesABadRowNamingFileAndLine(String row, String reason) {
        assertThatThrownBy(() -> StandardCatalogue.read("mine.csv", new StringReader("# note\n" + HEADER + row)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageStartingWith("mine.csv:3: ")
                .hasMessageContaining(reason);
    }

    @Test
    void refusesAnotherHeader() {
        assertThatThrownBy(() -> StandardCatalogue.read("mine.csv", new StringReader("cup,cone\n")))
                .hasMessageStartingWith("mine.csv:1: ");
    }

    @Test
    void readsDesignationsAsTheyStandOnABox() {
        assertThat(SetDesignation.parse(" l44649 / l44610")).contains(SetDesignation.of("L44649", "L44610"));
        assertThat(SetDesignation.parse("32007x")).contains(SetDesignation.of("32007X", "32007X"));
        assertThat(SetDesignation.parse("L44649")).isEmpty();
        assertThat(SetDesignation.of("30205", "30205")).hasToString("30205");
        assertThatThrownBy(() -> SetDesignation.of("<b>", "30205")).isInstanceOf(OutOfRangeException.class);
    }

    static BearingSet find(String name) {
        return StandardCatalogue.entries().stream()
                .map(CatalogueEntry::set)
                .filter(set -> set.designation().toString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void refusesAnAngleNoBearingHas() {
        BearingSet good = find("30205");
        assertThatThrownBy(() -> new BearingSet(
                        good.designation(),
                        good.series(),
                        good.bore(),
                        good.outsideDiameter(),
                        good.width(),
                        good.coneWidth(),
                        Length.ofMillimetres(Double.MIN_VALUE),
                        good.e()))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new BearingSet(
                        good.designation(),
                        good.series(),
                        good.bore(),
                        good.outsideDiameter(),
                        good.width(),
                        good.coneWidth(),
                        good.cupWidth(),
                        Double.NaN))
                .isInstanceOf(OutOfRangeException.class);
    }
}
