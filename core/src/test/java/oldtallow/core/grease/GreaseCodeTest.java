package oldtallow.core.grease;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import oldtallow.core.grease.IsoGreaseCode.Rust;
import oldtallow.core.grease.IsoGreaseCode.Washing;
import oldtallow.core.grease.NlgiMark.Mark;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class GreaseCodeTest {

    /** NLGI classification by ISO 2137 and ASTM D217 (from memory). */
    @ParameterizedTest
    @CsvSource({"460,000", "415,00", "370,0", "325,1", "280,2", "265,2", "295,2", "235,3", "190,4", "145,5", "100,6"})
    void gradesAPenetration(int tenths, String grade) {
        assertThat(NlgiGrade.ofPenetration(tenths)).map(NlgiGrade::number).hasValue(grade);
    }

    @Test
    void aPenetrationBetweenTwoGradesIsNeither() {
        assertThat(NlgiGrade.ofPenetration(300)).isEmpty();
        assertThatThrownBy(() -> NlgiGrade.ofPenetration(500)).isInstanceOf(OutOfRangeException.class);
    }

    @ParameterizedTest
    @EnumSource(NlgiGrade.class)
    void everyGradeIsThirtyTenthsWide(NlgiGrade grade) {
        assertThat(grade.mostPenetration() - grade.leastPenetration()).isEqualTo(30);
    }

    /** DIN 51825 with DIN 51502 (from memory): KP2K-30 is the common example. */
    @Test
    void readsTheDinCode() {
        GreaseCode code = GreaseCode.parse("kp2k-30");

        assertThat(code).isInstanceOfSatisfying(DinGreaseCode.class, din -> {
            assertThat(din.extremePressure()).isTrue();
            assertThat(din.solidLubricant()).isFalse();
            assertThat(din.baseOil()).isEmpty();
            assertThat(din.nlgi()).isEqualTo(NlgiGrade.NLGI_2);
            assertThat(din.top().standsWater()).isTrue();
        });
        assertThat(code.hottest()).hasValue(120);
        assertThat(code.coldest()).hasValue(-30);
        assertThat(code.pieces()).extracting(GreaseCode.Piece::code).containsExactly("K", "P", "2", "K", "-30");
    }

    @ParameterizedTest
    @CsvSource({
        "K2C-20,60,-20",
        "K3N,140,",
        "KP1G-40,100,-40",
        "KPHC2N-40,140,-40",
        "KE2R-50,180,-50",
        "KPF2K-20,120,-20",
        "KPPG2P-30,160,-30",
        "KF2U,221,"
    })
    void readsOtherDinCodes(String text, int hottest, Integer coldest) {
        GreaseCode code = GreaseCode.parse(text);

        assertThat(code.hottest()).hasValue(hottest);
        assertThat(code.coldest()).isEqualTo(Optional.ofNullable(coldest));
    }

    @ParameterizedTest
    @CsvSource({
        "KP7K-30,3,an NLGI grade",
        "KP2Z-30,4,a temperature letter",
        "KP2K-35,5,the end of the code",
        "KP,,an NLGI grade",
        "K2K-30X,7,the end of the code"
    })
    void saysWhereADinCodeBreaks(String text, Integer place, String wanted) {
        assertThatThrownBy(() -> GreaseCode.parse(text))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("DIN 51825 code")
                .hasMessageContaining(place == null ? "where its end stands" : "at place " + place)
                .hasMessageContaining(wanted);
    }

    /** ISO 6743-9 (from memory); the example is the sheet's own. */
    @Test
    void readsTheIsoCode() {
        assertThat(GreaseCode.parse("ISO-L-XBEGB 00")).isInstanceOfSatisfying(IsoGreaseCode.class, iso -> {
            assertThat(iso.low()).isEqualTo(-20);
            assertThat(iso.high()).isEqualTo(160);
            assertThat(iso.washing()).isEqualTo(Washing.WASHED);
            assertThat(iso.rust()).isEqualTo(Rust.NONE);
            assertThat(iso.extremePressure()).isTrue();
            assertThat(iso.nlgi()).isEqualTo(NlgiGrade.NLGI_00);
        });
        assertThat(GreaseCode.parse("L-XCCIB2").grade()).hasValue(NlgiGrade.NLGI_2);
        assertThatThrownBy(() -> GreaseCode.parse("ISO-L-XCCJB 2")).hasMessageContaining("water and rust");
        assertThatThrownBy(() -> GreaseCode.parse("ISO-L-XCCHC 2")).hasMessageContaining("A or B for load");
    }

    /** ASTM D4950: GC-LB is the mark for disc-brake hubs; HPM with WR, CR, HL, LT (from memory). */
    @Test
    void readsTheMarks() {
        assertThat(GreaseCode.parse("gc-lb")).isInstanceOfSatisfying(NlgiMark.class, mark -> {
            assertThat(mark.marks()).containsExactlyInAnyOrder(Mark.GC, Mark.LB);
            assertThat(mark.hottest()).hasValue(160);
            assertThat(mark.coldest()).hasValue(-40);
        });
        assertThat(GreaseCode.parse("HPM+WR +HL"))
                .isInstanceOfSatisfying(
                        NlgiMark.class,
                        mark -> assertThat(mark.marks()).containsExactlyInAnyOrder(Mark.HPM, Mark.WR, Mark.HL));
        assertThatThrownBy(() -> GreaseCode.parse("GD-LB")).hasMessageContaining("GA, GB, GC, LA, LB or HPM");
        assertThatThrownBy(() -> GreaseCode.parse("HPM+XX")).hasMessageContaining("the end of the code");
    }
}
