package oldtallow.core.bearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.quantity.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a set and its number can be, and what a catalogue's row must keep to. */
class BearingBoundsTest {

    /** d, D, T, B, C, e: what stands at the end of a range is taken. */
    @ParameterizedTest
    @CsvSource({
        "5, 20, 10, 9, 8, 0.3",
        "200, 400, 150, 150, 140, 0.3",
        "20, 47, 5, 5, 3, 0.3",
        "20, 47, 15.25, 14, 12, 0.2",
        "20, 47, 15.25, 14, 12, 0.9"
    })
    void takesTheEnds(double d, double outside, double t, double b, double c, double e) {
        assertThat(set(d, outside, t, b, c, e).e()).isEqualTo(e);
    }

    @ParameterizedTest
    @CsvSource({
        "4.99, 20, 10, 9, 8, 0.3, cone bore d",
        "200.1, 400, 10, 9, 8, 0.3, cone bore d",
        "20, 20, 10, 9, 8, 0.3, cup outside diameter D",
        "20, 400.1, 10, 9, 8, 0.3, cup outside diameter D",
        "20, 47, 4.99, 9, 3, 0.3, set width T",
        "20, 47, 150.1, 20, 8, 0.3, set width T",
        "20, 47, 10, 4.99, 3, 0.3, cone width B",
        "20, 47, 140, 150.1, 8, 0.3, cone width B",
        "20, 47, 10, 9, 2.99, 0.3, cup width C",
        "20, 47, 10, 11, 10, 0.3, cup width C",
        "20, 47, 11, 10, 10, 0.3, cup width C",
        "20, 47, 10, 9, 8, 0.19, factor e",
        "20, 47, 10, 9, 8, 0.91, factor e"
    })
    void refusesWhatNoSetIs(double d, double outside, double t, double b, double c, double e, String named) {
        assertThatThrownBy(() -> set(d, outside, t, b, c, e)).hasMessageContaining(named);
    }

    private static BearingSet set(double d, double outside, double t, double b, double c, double e) {
        return new BearingSet(
                SetDesignation.of("TEST1", "TEST2"),
                Series.METRIC,
                Length.ofMillimetres(d),
                Length.ofMillimetres(outside),
                Length.ofMillimetres(t),
                Length.ofMillimetres(b),
                Length.ofMillimetres(c),
                e);
    }

    @Test
    void numbersAreCapitalsAndFigures() {
        assertThatThrownBy(() -> new SetDesignation("L44649", "l44610")).hasMessageContaining("cup designation");
        assertThatThrownBy(() -> new SetDesignation("L44649", "")).hasMessageContaining("cup designation");
        assertThatThrownBy(() -> new SetDesignation("", "L44610")).hasMessageContaining("cone designation");
        assertThat(SetDesignation.ofIfStandard("l44649", "l44610")).hasValue(SetDesignation.of("L44649", "L44610"));
        assertThat(SetDesignation.ofIfStandard("l44649", "a/b")).isEmpty();
        assertThat(SetDesignation.ofIfStandard("?", "L44610")).isEmpty();
        assertThat(SetDesignation.parse("/L44610")).isEmpty();
        assertThat(SetDesignation.parse("30205")).hasValue(new SetDesignation("30205", "30205"));
    }

    /** The catalogue read again is the one that is gone by. */
    @Test
    void readsWhatIsWritten() throws IOException {
        try (InputStream file =
                Objects.requireNonNull(BearingSet.class.getResourceAsStream("bearing-sets.csv"), "bearing-sets.csv")) {
            assertThat(StandardCatalogue.read("again", new InputStreamReader(file, StandardCharsets.UTF_8)))
                    .isEqualTo(StandardCatalogue.entries())
                    .hasSizeGreaterThan(200);
        }
    }

    /** Inches and millimetres of a row must agree, and so must e and Y: e·Y = 0.6 (ISO 281, from memory). */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1.0620,26.980 | 0.40,1.50 | is 26.9748 mm, not 26.98",
                "1.0625,26.988 | 0.40,1.60 | e·Y is 0.64",
                "1.0625,26.988 | 0.40,1.40 | e·Y is 0.5599"
            })
    void rowsMustAgreeWithThemselves(String bore, String factors, String says) {
        String header = "cone,cup,series,d_in,d_mm,D_in,D_mm,T_in,T_mm,B_in,B_mm,C_in,C_mm,e,Y,confidence,source";
        assertThatThrownBy(() -> StandardCatalogue.read(
                        "x",
                        new StringReader(
                                header + "\nL1,L2,INCH," + bore + ",,50.3,,14.2,,14.7,,10.7," + factors + ",A,\n")))
                .hasMessageContaining(says);
    }

    /** Where two sizes are written the nearest set comes first, and none is far off. */
    @Test
    void sortsByBothSizes() {
        List<BearingSet> found = WrittenBearing.read("35 x 72", Sets.ALL).sets();

        assertThat(found)
                .hasSizeGreaterThan(2)
                .isSortedAccordingTo(
                        Comparator.comparingDouble(one -> Math.abs(one.bore().millimetres() - 35)
                                + Math.abs(one.outsideDiameter().millimetres() - 72)));
    }

    /** A stroke at either end parts nothing. */
    @Test
    void aLooseStrokePartsNothing() {
        assertThat(WrittenBearing.read("L44649/", Sets.ALL).kind())
                .isEqualTo(WrittenBearing.read("L44649", Sets.ALL).kind());
        assertThat(WrittenBearing.read("L44649/L44610", Sets.ALL).kind())
                .isNotEqualTo(WrittenBearing.read("L44649", Sets.ALL).kind());
        assertThat(RingMarking.whereToLook()).isNotEmpty().doesNotHaveDuplicates();
    }

    /** Inch numbers by their last two figures, at the edges of the rule: cups 10 to 29, cones 30 to 49. */
    @ParameterizedTest
    @CsvSource({
        "LM11909, size within",
        "LM11910, a cup",
        "LM11929, a cup",
        "LM11930, a cone",
        "LM11949, a cone",
        "LM11950, size within",
        "LM1949, a cone",
        "LM949, an old short number"
    })
    void readsTheLastFigures(String number, String means) {
        assertThat(RingMarking.explain(number))
                .anySatisfy(piece -> assertThat(piece.meaning()).contains(means));
    }
}
