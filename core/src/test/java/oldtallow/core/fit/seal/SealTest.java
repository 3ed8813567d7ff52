package oldtallow.core.fit.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import oldtallow.core.bearing.identify.SizeGauge;
import oldtallow.core.fit.SizeRange;
import oldtallow.core.fit.seal.SealDrawing.What;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.section.Point;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class SealTest {

    @ParameterizedTest
    @CsvSource({
        "45×62×8,45,62,8",
        "45x62x8,45,62,8",
        "45 x 62 x 8 mm,45,62,8",
        "1.719 x 2.565 x 0.5 in,43.6626,65.151,12.7",
        "45x62x8 double lip,45,62,8"
    })
    void readsNamesOfSeals(String name, double shaft, double bore, double width) {
        SealSize size = SealSize.parse(name).orElseThrow();

        assertThat(size.shaft().millimetres()).isCloseTo(shaft, within(1e-9));
        assertThat(size.bore().millimetres()).isCloseTo(bore, within(1e-9));
        assertThat(size.width().orElseThrow().millimetres()).isCloseTo(width, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "seal", "62x45x8", "45x46x8", "4500x6200x8", "L44649/L44610"})
    void aNameThatIsNoSizeIsNone(String name) {
        assertThat(SealSize.parse(name)).isEmpty();
    }

    /** ISO 6194-1, from memory: shafts of 25, 45 and 70 mm. */
    @ParameterizedTest
    @CsvSource({"25,40,7", "45,62,8", "70,90,10", "100,125,12"})
    void knowsStandardSizes(double shaft, double bore, double width) {
        assertThat(StandardSeals.sizes()).contains(SealSize.ofMillimetres(shaft, bore, width));
    }

    @Test
    void standardSizesGrowAndCanBe() {
        List<SealSize> sizes = StandardSeals.sizes();

        assertThat(sizes).hasSizeGreaterThan(50).doesNotHaveDuplicates();
        for (int i = 1; i < sizes.size(); i++) {
            SealSize before = sizes.get(i - 1);
            SealSize now = sizes.get(i);
            assertThat(now.shaft()).isGreaterThanOrEqualTo(before.shaft());
            assertThat(now.width().orElseThrow())
                    .isGreaterThanOrEqualTo(before.width().orElseThrow());
            if (now.shaft().equals(before.shaft())) {
                assertThat(now.bore()).isGreaterThan(before.bore());
            }
        }
    }

    /** Land h11, bore H8 (ISO 6194-1): 45 mm is 0 to −160 µm, 62 mm 0 to +46 µm by ISO 286-2, from memory. */
    @ParameterizedTest
    @CsvSource({
        "45.000,62.000,FITS",
        "44.841,62.045,FITS",
        "44.839,62.000,LOOSE_ON_LAND",
        "45.001,62.000,TIGHT_ON_LAND",
        "45.000,62.047,LOOSE_IN_BORE",
        "45.000,61.999,TIGHT_IN_BORE"
    })
    void fitsWithinTheStandardsLimits(double land, double bore, SealFit.Verdict verdict) {
        SealSize size = SealSize.ofMillimetres(45, 62, 8);

        assertThat(SealFit.of(size, exactly(land), exactly(bore)).verdict()).isEqualTo(verdict);
    }

    @Test
    void theDoubtOfACalliperDoesNotThrowOutTheRightSeal() {
        SealSize size = SealSize.ofMillimetres(45, 62, 8);

        assertThat(SealFit.of(size, measured(45.04), measured(61.95)).fits()).isTrue();
        assertThat(SealFit.of(size, measured(45.4), measured(61.95)).fits()).isFalse();
    }

    @Test
    void namesTheRightOneFirstThenTheNearestMiss() {
        List<SealFit> found = SealFit.nearest(StandardSeals.sizes().stream(), measured(44.95), measured(62.02), 3);

        assertThat(found).hasSize(3);
        assertThat(found.getFirst().size()).isEqualTo(SealSize.ofMillimetres(45, 62, 8));
        assertThat(found.getFirst().fits()).isTrue();
        assertThat(found.get(1).fits()).isFalse();
        assertThat(found.get(1).off()).isLessThanOrEqualTo(found.get(2).off());
    }

    static Stream<SealType> types() {
        return Stream.of(SealKind.values())
                .flatMap(kind -> Stream.of(new SealType(kind, true, false), new SealType(kind, false, true)));
    }

    @ParameterizedTest
    @MethodSource("types")
    void aDriverBearsOnTheCaseAndClearsLipAndBore(SealType type) {
        SealSize size = SealSize.ofMillimetres(45, 62, 8);
        SealDriver driver = SealDriver.of(size, type);

        assertThat(driver.leastOutside()).isBetween(size.shaft(), size.bore());
        assertThat(driver.mostOutside().isEmpty()).isEqualTo(type.rimmed());
        driver.mostOutside().ifPresent(most -> {
            assertThat(most).isLessThan(size.bore()).isGreaterThan(driver.leastOutside());
            assertThat(driver.suits(size.bore())).isEqualTo(SealDriver.Suits.JAMS_IN_BORE);
        });
        driver.leastInside().ifPresent(hollow -> assertThat(hollow).isBetween(size.shaft(), driver.leastOutside()));
        assertThat(driver.suits(driver.leastOutside())).isEqualTo(SealDriver.Suits.DOES);
        assertThat(driver.suits(size.shaft())).isEqualTo(SealDriver.Suits.DISHES_CASE);
    }

    @ParameterizedTest
    @MethodSource("types")
    void isDrawnTrueInItsBoreWithTheLipToTheGrease(SealType type) {
        SealSize size = SealSize.ofMillimetres(45, 62, 8);
        SealDrawing drawing = SealDrawing.of(size, type);

        double least = points(drawing).mapToDouble(Point::y).min().orElseThrow();
        double most = points(drawing, What.CASE)
                .filter(point -> point.x() < 7)
                .mapToDouble(Point::y)
                .max()
                .orElseThrow();
        assertThat(least).isCloseTo(22.5, within(1e-9));
        assertThat(most).isCloseTo(31, within(1e-9));
        // the spring lies on the grease side, the driver bears on the road side
        assertThat(points(drawing, What.SPRING).mapToDouble(Point::x).max().orElseThrow())
                .isLessThan(4);
        assertThat(drawing.drivenFrom().x()).isEqualTo(8);
        assertThat(drawing.drivenTo().y()).isLessThan(drawing.drivenFrom().y());
    }

    @ParameterizedTest
    @EnumSource(SealKind.class)
    void neverLetsADriverTouchALip(SealKind kind) {
        var type = new SealType(kind, false, false);

        assertThat(type.mustNotTouch()).isNotEmpty();
        assertThat(String.join(" ", type.mayTouch())).doesNotContain("lip");
    }

    @Test
    void aCoatedSealGoesInDryAndAMetalOneDoesNot() {
        assertThat(new SealType(SealKind.LIP, false, true).outside()).contains("dry");
        assertThat(new SealType(SealKind.LIP, false, false).outside()).contains("sealant or oil");
    }

    @ParameterizedTest
    @CsvSource({"0.01,0,POLISH", "0.2,2,SET_BESIDE", "0.2,0.5,SLEEVE", "0.8,3,SLEEVE", "1.4,3,SPINDLE"})
    void knowsWhatToDoWithAWornSealLand(double depth, double room, WearGroove.Remedy remedy) {
        assertThat(new WearGroove(Length.ofMillimetres(depth), Length.ofMillimetres(room)).remedy())
                .isEqualTo(remedy);
    }

    /** 0.05 to 0.40 mm over the bore: common practice. */
    @ParameterizedTest
    @CsvSource({"50.04,FALLS_OFF", "50.06,HOLDS", "50.39,HOLDS", "50.41,BUCKLES"})
    void aCapHoldsByItsInterference(double cap, CapFit.Verdict verdict) {
        assertThat(CapFit.of(exactly(cap), exactly(50)).verdict()).isEqualTo(verdict);
    }

    @Test
    void aCapFarOffIsAnotherCap() {
        assertThatThrownBy(() -> CapFit.of(exactly(53), exactly(50)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("another cap");
        assertThat(CapFit.wanted(Length.ofMillimetres(50)).least().millimetres())
                .isCloseTo(50.05, within(1e-9));
    }

    private static Stream<Point> points(SealDrawing drawing, What... which) {
        List<What> wanted = List.of(which.length == 0 ? What.values() : which);
        return drawing.pieces().stream()
                .filter(piece -> wanted.contains(piece.what()))
                .flatMap(piece -> piece.outline().points().stream());
    }

    private static SizeRange exactly(double mm) {
        return new SizeRange(Length.ofMillimetres(mm), Length.ofMillimetres(mm));
    }

    private static SizeRange measured(double mm) {
        return SizeRange.measured(Length.ofMillimetres(mm), SizeGauge.CALLIPER);
    }
}
