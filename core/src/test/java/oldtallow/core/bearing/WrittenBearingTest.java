package oldtallow.core.bearing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oldtallow.core.bearing.WrittenBearing.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Numbers and sizes of the standards: ABMA 19.2 and ISO 355, from memory. */
class WrittenBearingTest {

    private static final List<BearingSet> ON_FILE = sets();

    @ParameterizedTest
    @CsvSource({
        "L44649/L44610, SET, L44649/L44610",
        "' l44649 / l44610 ', SET, L44649/L44610",
        "30205, SET, 30205",
        "L44649, CONE, L44649/L44610",
        "LM67010, CUP, LM67048/LM67010",
        "L44610/L44649, TURNED_ROUND, L44649/L44610",
        "L44649/LM67010, NOT_TOGETHER, L44649/L44610",
        "31.75 x 59.1, SIZES, LM67048/LM67010",
        "1.25 x 2.328 in, SIZES, LM67048/LM67010",
        "'31,75 × 59,1 × 15,9 mm', SIZES, LM67048/LM67010",
        "LM670, BEGUN, LM67048/LM67010",
    })
    void knowsWhatWasWritten(String text, Kind kind, String nearest) {
        WrittenBearing written = WrittenBearing.read(text, ON_FILE);

        assertThat(written.kind()).isEqualTo(kind);
        assertThat(written.sets().getFirst().designation()).hasToString(nearest);
    }

    @ParameterizedTest
    @CsvSource({
        "ZZ99881/ZZ99880, NOT_ON_FILE",
        "31399, NOT_ON_FILE",
        "the old one, NO_NUMBER",
        "'', NO_NUMBER",
        "? / ?, NO_NUMBER",
        "31.75 x 300, SIZES",
    })
    void makesNoBearingOfWhatIsNone(String text, Kind kind) {
        WrittenBearing written = WrittenBearing.read(text, ON_FILE);

        assertThat(written.kind()).isEqualTo(kind);
        assertThat(written.sets()).isEmpty();
    }

    /** Above an empty list, "sets on file that measure so" would promise what is not there. */
    @Test
    void saysThatNothingOnFileMeasuresSo() {
        assertThat(WrittenBearing.read("31.75 x 300", ON_FILE).words()).contains("no set on file");
        assertThat(WrittenBearing.read("31.75 x 59.1", ON_FILE).words()).doesNotContain("no set on file");
    }

    /** A cone runs in several cups: both are offered, and neither is taken for it. */
    @Test
    void offersEveryCupOfACone() {
        assertThat(WrittenBearing.read("L68149", ON_FILE).sets())
                .extracting(set -> set.designation().cup())
                .containsExactlyInAnyOrder("L68110", "L68111");
    }

    @ParameterizedTest
    @CsvSource({
        "L44649, L44649, cone and cup have one each: on file is L44649/L44610",
        "L44610, L44649, the cone's comes first",
        "31.75 x 59.1, 31.75 x 59.1, no bearing's number",
        "the old one, L44610, no bearing's number",
    })
    void keepsNoRingAsItsOwnPartner(String cone, String cup, String why) {
        assertThat(WrittenBearing.rings(cone, cup, ON_FILE).objection())
                .get()
                .asString()
                .contains(why);
    }

    @ParameterizedTest
    @CsvSource({"L44649, L44610", "ZZ99881, ZZ99880", "33299, 33299", "L68149, LM67010"})
    void keepsWhatCanBeRead(String cone, String cup) {
        assertThat(WrittenBearing.rings(cone, cup, ON_FILE).objection()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("sets")
    void knowsEverySetOfTheCatalogueByNumberAndBySize(BearingSet set) {
        assertThat(WrittenBearing.read(set.designation().toString(), ON_FILE).kind())
                .isEqualTo(Kind.SET);
        assertThat(WrittenBearing.read(
                                set.bore().millimetres() + " x "
                                        + set.outsideDiameter().millimetres(),
                                ON_FILE)
                        .sets())
                .contains(set);
    }

    static List<BearingSet> sets() {
        return StandardCatalogue.entries().stream().map(CatalogueEntry::set).toList();
    }
}
