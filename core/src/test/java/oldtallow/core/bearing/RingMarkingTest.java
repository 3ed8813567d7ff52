package oldtallow.core.bearing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class RingMarkingTest {

    /** ANSI/ABMA 19.1's prefixes and places, ISO 355's bore code: from memory. */
    @ParameterizedTest
    @CsvSource({
        "LM67048, LM, light to medium",
        "LM67048, 48, a cone",
        "LM67010, 10, a cup",
        "HM212049, HM, heavy to medium",
        "30205, 05, bore 25 mm",
        "32010X, 10, bore 50 mm",
        "32010X, X, ISO table",
        "14125A, A, another corner",
        "lm 67048, 670, series"
    })
    void explainsPieces(String number, String part, String meaning) {
        assertThat(RingMarking.explain(number))
                .filteredOn(piece -> piece.part().equals(part))
                .singleElement()
                .satisfies(piece -> assertThat(piece.meaning()).contains(meaning));
    }

    /** The catalogue is the check from outside: a metric set's bore code times five is its bore. */
    @ParameterizedTest
    @MethodSource("metricSets")
    void theBoreCodeAgreesWithTheCatalogue(CatalogueEntry entry) {
        String number = entry.set().designation().cone();
        long millimetres = Math.round(entry.set().bore().millimetres());

        assertThat(RingMarking.explain(number))
                .extracting(RingMarking::meaning)
                .anyMatch(meaning -> meaning.startsWith("bore " + millimetres + " mm") || millimetres < 20);
    }

    static java.util.List<CatalogueEntry> metricSets() {
        return StandardCatalogue.entries().stream()
                .filter(entry -> entry.set().designation().cone().matches("3[0-3][0-9]{3}X?"))
                .toList();
    }

    @Test
    void warnsAboutEverySuffix() {
        assertThat(RingMarking.explain("L44643L").getLast().meaning()).contains("may not fit though the digits agree");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "?", "made somewhere", "12-34-56", "A"})
    void explainsNothingItDoesNotKnow(String text) {
        assertThat(RingMarking.explain(text)).isEmpty();
    }
}
