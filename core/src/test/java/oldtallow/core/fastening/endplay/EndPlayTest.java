package oldtallow.core.fastening.endplay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class EndPlayTest {

    @ParameterizedTest
    @CsvSource({
        "-0.1, PRELOAD",
        "0.0, TOO_TIGHT",
        "0.99, TOO_TIGHT",
        "1.0, INSIDE",
        "3.0, INSIDE",
        "5.0, INSIDE",
        "5.01, TOO_LOOSE"
    })
    void judgesBothEdgesInclusive(double thou, EndPlayVerdict verdict) {
        assertThat(EndPlayWindow.COMMON_PRACTICE.judge(Length.ofThousandths(thou)))
                .isEqualTo(verdict);
    }

    /** Light trailers: 1 to 5 thou good, to 10 thou usable at the loose end, common practice. */
    @ParameterizedTest
    @CsvSource({"0.9, TOO_TIGHT", "5, INSIDE", "5.01, USABLE", "10, USABLE", "10.01, TOO_LOOSE"})
    void aGradedWindowTellsUsableFromGood(double thou, EndPlayVerdict verdict) {
        assertThat(EndPlayWindow.LIGHT_TRAILER.judge(Length.ofThousandths(thou)))
                .isEqualTo(verdict);
        assertThat(EndPlayWindow.COMMON_PRACTICE.isGraded()).isFalse();
        assertThatThrownBy(() ->
                        new EndPlayWindow(Length.ofThousandths(1), Length.ofThousandths(5), Length.ofThousandths(4)))
                .hasMessageContaining("most usable end play");
    }

    @ParameterizedTest
    @CsvSource({"0.2, 0.1", "-0.31, 0", "0, 1.01", "1.1, 1.2"})
    void refusesAWindowUpsideDownOrOutOfReason(double least, double most) {
        assertThatThrownBy(() -> new EndPlayWindow(Length.ofMillimetres(least), Length.ofMillimetres(most)))
                .isInstanceOf(OutOfRangeException.class);
    }

    /** The ends of what a window may be: 0.3 mm of preload to 1 mm of play; and the grades in their order. */
    @Test
    void takesTheEnds() {
        EndPlayWindow widest = new EndPlayWindow(mm(-0.3), mm(1), mm(1));
        assertThat(widest.reachesPreload()).isTrue();
        assertThat(widest.isGraded()).isFalse();
        assertThat(widest.width().millimetres()).isCloseTo(1.3, within(1e-12));
        assertThat(new EndPlayWindow(mm(1), mm(1)).judge(mm(1))).isEqualTo(EndPlayVerdict.INSIDE);
        assertThatThrownBy(() -> new EndPlayWindow(mm(-0.301), mm(0))).hasMessageContaining("least end play");
        assertThatThrownBy(() -> new EndPlayWindow(mm(1.001), mm(1.001))).hasMessageContaining("least end play");
        assertThatThrownBy(() -> new EndPlayWindow(mm(0), mm(1.001))).hasMessageContaining("most end play");
        assertThatThrownBy(() -> new EndPlayWindow(mm(0), mm(0.5), mm(1.001)))
                .hasMessageContaining("most usable end play");
        assertThatThrownBy(() -> new EndPlayWindow(mm(0), mm(0.5), mm(0.499)))
                .hasMessageContaining("most usable end play");
        assertThat(RecommendedBackOff.values())
                .allSatisfy(row -> assertThat(row.threadsPerInch()).isBetween(12, 18));
    }

    /** Too tight is not yet preload; preload begins below zero. To a nanometre an edge is inside. */
    @Test
    void tellsTightFromPreload() {
        EndPlayWindow window = new EndPlayWindow(mm(0.02), mm(0.1), mm(0.2));

        assertThat(window.judge(mm(0.0199))).isEqualTo(EndPlayVerdict.TOO_TIGHT);
        assertThat(window.judge(mm(0))).isEqualTo(EndPlayVerdict.TOO_TIGHT);
        assertThat(window.judge(mm(-0.0001))).isEqualTo(EndPlayVerdict.PRELOAD);
        assertThat(window.judge(mm(0.1001))).isEqualTo(EndPlayVerdict.USABLE);
        assertThat(window.judge(mm(0.2001))).isEqualTo(EndPlayVerdict.TOO_LOOSE);
        assertThat(window.judge(mm(0.0199999995))).isEqualTo(EndPlayVerdict.INSIDE);
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    @Test
    void takesAWindowOfNoWidth() {
        assertThat(new EndPlayWindow(Length.ZERO, Length.ZERO).width()).isEqualTo(Length.ZERO);
    }

    @Test
    void makersFigureGovernsOverWorkshopsOverCommonPractice() {
        var common = new GoverningFigure<>(3, Authority.COMMON_PRACTICE, "common practice");
        var workshop = new GoverningFigure<>(2, Authority.WORKSHOP, "our rule of spring");
        var maker = new GoverningFigure<>(1, Authority.MAKER, "manual, ch. 2");

        assertThat(GoverningFigure.governing(List.of(common, workshop, maker))).isSameAs(maker);
        assertThat(GoverningFigure.governing(List.of(common, workshop))).isSameAs(workshop);
        assertThatThrownBy(() -> new GoverningFigure<>(1, Authority.MAKER, "  "))
                .hasMessageContaining("source");
    }

    /** RP 618 back-off table (from memory); travel = turn / threads per inch, recomputed. */
    @ParameterizedTest
    @CsvSource({
        "STEER_SINGLE_NUT_12, 0.01389, 0.3528", "STEER_SINGLE_NUT_18, 0.01389, 0.3528",
        "STEER_DOUBLE_NUT_14, 0.03571, 0.9071", "STEER_DOUBLE_NUT_18, 0.02778, 0.7056",
        "DRIVE_12, 0.02083, 0.5292", "DRIVE_16, 0.01562, 0.3969",
        "TRAILER_12, 0.02083, 0.5292", "TRAILER_16, 0.01562, 0.3969",
    })
    void matchesTheBackOffTable(RecommendedBackOff row, double inches, double millimetres) {
        assertThat(row.nominalTravel().inches()).isCloseTo(inches, within(6e-6));
        assertThat(row.nominalTravel().millimetres()).isCloseTo(millimetres, within(6e-5));
    }

    /** Both single-nut rows come to the same travel: a check of the table on itself. */
    @Test
    void singleNutRowsAgree() {
        assertThat(RecommendedBackOff.STEER_SINGLE_NUT_12.nominalTravel().metres())
                .isCloseTo(
                        RecommendedBackOff.STEER_SINGLE_NUT_18.nominalTravel().metres(), within(1e-12));
    }

    /** The arithmetic does not close on the acceptance window: which is why a reading decides. */
    @ParameterizedTest
    @EnumSource
    void nominalTravelIsNeverTheEndPlay(RecommendedBackOff row) {
        assertThat(row.nominalTravel().inches()).isBetween(0.013, 0.036);
        assertThat(EndPlayWindow.COMMON_PRACTICE.judge(row.nominalTravel())).isEqualTo(EndPlayVerdict.TOO_LOOSE);
        assertThat(row.jamNut()).isEqualTo(!row.name().contains("SINGLE"));
    }
}
