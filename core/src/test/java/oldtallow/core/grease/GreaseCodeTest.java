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

    /** The scale of ISO 2137 ends at 475 and 85. */
    @Test
    void takesTheEndsOfTheScale() {
        assertThat(NlgiGrade.ofPenetration(475)).hasValue(NlgiGrade.NLGI_000);
        assertThat(NlgiGrade.ofPenetration(85)).hasValue(NlgiGrade.NLGI_6);
        assertThatThrownBy(() -> NlgiGrade.ofPenetration(476)).hasMessageContaining("85 to 475");
        assertThatThrownBy(() -> NlgiGrade.ofPenetration(84)).hasMessageContaining("85 to 475");
    }

    /** Letter by letter in words, the open ends too: E is colder than any figure, G hotter (ISO 6743-9, from memory). */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "XEGAA 2 | below -40 °C; above 180 °C; dry, no rust protection; not for extreme pressure | false | false",
                "XBCIB 1 | down to -20 °C; up to 120 °C; under washing water, against rust from salt water; for extreme pressure | true | true",
                "XADFB 3 | down to 0 °C; up to 140 °C; in damp air, against rust from salt water; for extreme pressure | false | true"
            })
    void saysWhatAnIsoCodeMeans(String code, String meanings, boolean water, boolean pressure) {
        GreaseCode read = GreaseCode.parse("ISO-L-" + code);

        assertThat(read.pieces().stream().map(GreaseCode.Piece::words).toList())
                .containsSubsequence(meanings.split("; ", -1));
        assertThat(read.standsWater()).hasValue(water);
        assertThat(read.standsPressure()).hasValue(pressure);
        assertThatThrownBy(() -> GreaseCode.parse("ISO-L-" + code + " X")).hasMessageContaining("the end of the code");
    }

    /** What a mark does not say, nobody knows; what it says is so. A DIN code with K is for rolling bearings. */
    @Test
    void saysOnlyWhatIsMarked() {
        assertThat(GreaseCode.parse("GC-LB").standsWater()).isEmpty();
        assertThat(GreaseCode.parse("GC-LB").standsPressure()).isEmpty();
        assertThat(GreaseCode.parse("HPM+WR").standsWater()).hasValue(true);
        assertThat(GreaseCode.parse("HPM+HL").standsPressure()).hasValue(true);
        assertThat(GreaseCode.parse("KP2K-30").forWheelBearings()).hasValue(true);
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
            assertThat(din.oil()).isEqualTo(BaseOil.MINERAL);
            assertThat(din.grades()).containsExactly(NlgiGrade.NLGI_2);
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
        "KF2U,,"
    })
    void readsOtherDinCodes(String text, Integer hottest, Integer coldest) {
        GreaseCode code = GreaseCode.parse(text);

        assertThat(code.hottest()).isEqualTo(Optional.ofNullable(hottest));
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
            assertThat(iso.low()).hasValue(-20);
            assertThat(iso.high()).hasValue(160);
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

    /** As people print them: spaces, dashes, the standard's own name, a grade between two, marks run together. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            KP 2 K-30           | K P 2 K -30
            kp2k –30            | K P 2 K -30
            KP2K−30             | K P 2 K -30
            KP1/2K-40           | K P 1/2 K -40
            DIN 51825 KP2K-30   | K P 2 K -30
            DIN 51 502: KP2K-30 | K P 2 K -30
            KPFK2U-40           | K P FK 2 U -40
            NLGI #2 GC-LB       | NLGI 2 GC LB
            GCLB                | GC LB
            GC / LB             | GC LB
            GC-LB NLGI 2        | NLGI 2 GC LB
            NLGI 2              | NLGI 2
            HPM + WR            | HPM WR
            """)
    void readsCodesAsPrinted(String text, String pieces) {
        assertThat(String.join(
                        " ",
                        GreaseCode.parse(text).pieces().stream()
                                .map(GreaseCode.Piece::code)
                                .toList()))
                .isEqualTo(pieces);
    }

    /** Letters of DIN 51502 and 51825 (from memory): every one, and what it leaves open. */
    @ParameterizedTest
    @CsvSource({
        "C,60,true",
        "D,60,false",
        "E,80,true",
        "F,80,false",
        "G,100,true",
        "H,100,false",
        "K,120,true",
        "M,120,false",
        "N,140,false",
        "P,160,false",
        "R,180,false",
        "S,200,false",
        "T,220,false",
        "U,,false"
    })
    void readsEveryTemperatureLetter(String letter, Integer hottest, boolean standsWater) {
        GreaseCode code = GreaseCode.parse("K2" + letter + "-20");

        assertThat(code.hottest()).isEqualTo(Optional.ofNullable(hottest));
        assertThat(code.standsWater()).hasValue(standsWater);
    }

    @ParameterizedTest
    @CsvSource({
        "HC,HYDROCARBON",
        "E,ESTER",
        "PG,POLYGLYCOL",
        "SI,SILICONE",
        "FK,PERFLUORINATED",
        "PH,PHOSPHATE_ESTER",
        "X,OTHER"
    })
    void readsEveryBaseOil(String letters, BaseOil oil) {
        assertThat(GreaseCode.parse("KP" + letters + "2N-30").oil()).isEqualTo(oil);
    }

    /** ISO 6743-9 (from memory): cold and heat by letter; E below −40 and G above 180 leave open how far. */
    @ParameterizedTest
    @CsvSource({"A,0", "B,-20", "C,-30", "D,-40", "E,"})
    void readsEveryColdLetter(String letter, Integer coldest) {
        assertThat(GreaseCode.parse("ISO-L-X" + letter + "CHB 2").coldest()).isEqualTo(Optional.ofNullable(coldest));
    }

    @ParameterizedTest
    @CsvSource({"A,60", "B,90", "C,120", "D,140", "E,160", "F,180", "G,"})
    void readsEveryHeatLetter(String letter, Integer hottest) {
        assertThat(GreaseCode.parse("ISO-L-XC" + letter + "HB 2").hottest()).isEqualTo(Optional.ofNullable(hottest));
    }

    @ParameterizedTest
    @CsvSource({
        "A,DRY,NONE",
        "B,DRY,FRESH_WATER",
        "C,DRY,SALT_WATER",
        "D,HUMID,NONE",
        "E,HUMID,FRESH_WATER",
        "F,HUMID,SALT_WATER",
        "G,WASHED,NONE",
        "H,WASHED,FRESH_WATER",
        "I,WASHED,SALT_WATER"
    })
    void readsEveryWaterLetter(String letter, Washing washing, Rust rust) {
        assertThat(GreaseCode.parse("ISO-L-XCC" + letter + "A 2")).isInstanceOfSatisfying(IsoGreaseCode.class, iso -> {
            assertThat(iso.washing()).isEqualTo(washing);
            assertThat(iso.rust()).isEqualTo(rust);
            assertThat(iso.extremePressure()).isFalse();
        });
    }

    /** ASTM D4950 (from memory): temperatures of every mark, and which are for wheel bearings. */
    @ParameterizedTest
    @CsvSource({
        "LA,,,false",
        "LB,-40,,false",
        "GA,-20,70,true",
        "GB,-40,120,true",
        "GC,-40,160,true",
        "GC-LB,-40,160,true"
    })
    void readsEveryServiceMark(String mark, Integer coldest, Integer hottest, boolean wheels) {
        GreaseCode code = GreaseCode.parse(mark);

        assertThat(code.coldest()).isEqualTo(Optional.ofNullable(coldest));
        assertThat(code.hottest()).isEqualTo(Optional.ofNullable(hottest));
        assertThat(code.forWheelBearings()).hasValue(wheels);
    }
}
