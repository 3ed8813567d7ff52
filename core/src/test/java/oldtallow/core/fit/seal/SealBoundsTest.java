package oldtallow.core.fit.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import oldtallow.core.fit.SizeRange;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.quantity.Length;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Seals at the ends of what there is, and what each make-up is told to do. Common practice. */
class SealBoundsTest {

    @Test
    void sizes() {
        assertThat(size(6, 10, 2.0).shaft().millimetres()).isEqualTo(6);
        assertThat(size(250, 370, 60.0).bore().millimetres()).isEqualTo(370);
        assertThatThrownBy(() -> size(5.9, 20, null)).hasMessageContaining("shaft of the seal");
        assertThatThrownBy(() -> size(250.1, 300, null)).hasMessageContaining("shaft of the seal");
        assertThatThrownBy(() -> size(40, 43.9, null)).hasMessageContaining("bore of the seal");
        assertThatThrownBy(() -> size(40, 160.1, null)).hasMessageContaining("bore of the seal");
        assertThatThrownBy(() -> size(40, 60, 1.9)).hasMessageContaining("width of the seal");
        assertThatThrownBy(() -> size(40, 60, 60.1)).hasMessageContaining("width of the seal");
    }

    /** Polished under 0.03 mm, set beside to 0.25 where there is 1.5 mm of room, sleeved to 1, renewed deeper. */
    @ParameterizedTest
    @CsvSource({
        "0, 0, POLISH",
        "0.029, 9, POLISH",
        "0.03, 1.5, SET_BESIDE",
        "0.25, 1.5, SET_BESIDE",
        "0.251, 9, SLEEVE",
        "0.05, 1.49, SLEEVE",
        "1, 9, SLEEVE",
        "1.001, 9, SPINDLE",
        "3, 9, SPINDLE"
    })
    void grooves(double depth, double room, WearGroove.Remedy remedy) {
        assertThat(new WearGroove(mm(depth), mm(room)).remedy()).isEqualTo(remedy);
    }

    @Test
    void boundsGrooves() {
        assertThatThrownBy(() -> new WearGroove(mm(-0.01), mm(0))).hasMessageContaining("depth of the groove");
        assertThatThrownBy(() -> new WearGroove(mm(3.01), mm(0))).hasMessageContaining("depth of the groove");
        assertThatThrownBy(() -> new WearGroove(mm(1), mm(-0.1))).hasMessageContaining("room for the seal");
    }

    /** 45 × 62: the driver bears on the outer third of 8.5 mm a side and clears the bore by 0.5; hollow for all but a plain lip. */
    @ParameterizedTest
    @CsvSource({
        "LIP, false, 59.1667, 61.5, ",
        "LIP, true, 59.1667, , ",
        "DOUBLE_LIP, false, 59.1667, 61.5, 50.6667",
        "UNITIZED, true, 59.1667, , 50.6667",
        "MARINE_TWO_PIECE, false, 59.1667, 61.5, 50.6667"
    })
    void drivers(SealKind kind, boolean rimmed, double least, Double most, Double hollow) {
        SealDriver driver = SealDriver.of(size(45, 62, 8.0), new SealType(kind, rimmed, false));

        assertThat(driver.leastOutside().millimetres()).isCloseTo(least, within(1e-3));
        assertThat(driver.mostOutside().map(Length::millimetres).orElse(0.0))
                .isCloseTo(most == null ? 0 : most, within(1e-3));
        assertThat(driver.leastInside().map(Length::millimetres).orElse(0.0))
                .isCloseTo(hollow == null ? 0 : hollow, within(1e-3));
        assertThat(driver.suits(driver.leastOutside())).isEqualTo(SealDriver.Suits.DOES);
        assertThat(driver.suits(mm(least - 0.01))).isEqualTo(SealDriver.Suits.DISHES_CASE);
        assertThat(driver.suits(mm(61.51))).isEqualTo(rimmed ? SealDriver.Suits.DOES : SealDriver.Suits.JAMS_IN_BORE);
        driver.mostOutside()
                .ifPresent(widest -> assertThat(driver.suits(widest)).isEqualTo(SealDriver.Suits.DOES));
    }

    /** What a driver may touch, by make-up: a rim first; a unitized one by its own driver; a sleeve by its end. */
    @ParameterizedTest
    @CsvSource({
        "LIP, false, the outer edge",
        "LIP, true, the rim; the outer edge",
        "DOUBLE_LIP, false, the outer edge",
        "UNITIZED, true, the rim; the outer case",
        "MARINE_TWO_PIECE, false, the outer edge; the end of the sleeve",
        "MARINE_TWO_PIECE, true, the rim; the outer edge; the end of the sleeve"
    })
    void touches(SealKind kind, boolean rimmed, String faces) {
        SealType type = new SealType(kind, rimmed, false);
        List<String> expected = Arrays.asList(faces.split("; ", -1));

        assertThat(type.mayTouch()).hasSameSizeAs(expected);
        for (int i = 0; i < expected.size(); i++) {
            assertThat(type.mayTouch().get(i)).startsWith(expected.get(i));
        }
        assertThat(type.stop()).startsWith(rimmed ? "Its rim" : "Flush with the hub's face");
        assertThat(type.orientation()).contains("grease");
        assertThat(type.mustNotTouch()).isNotEmpty();
    }

    /** A cap more than 2 mm off is another; it holds between its least and its most interference, both ends. */
    @Test
    void caps() {
        SizeRange bore = exactly(50);
        SizeRange wanted = CapFit.wanted(mm(50));

        assertThat(CapFit.of(exactly(wanted.least().millimetres()), bore).verdict())
                .isEqualTo(CapFit.Verdict.HOLDS);
        assertThat(CapFit.of(exactly(wanted.most().millimetres()), bore).verdict())
                .isEqualTo(CapFit.Verdict.HOLDS);
        assertThat(CapFit.of(exactly(wanted.least().millimetres() - 0.001), bore)
                        .verdict())
                .isEqualTo(CapFit.Verdict.FALLS_OFF);
        assertThat(CapFit.of(exactly(wanted.most().millimetres() + 0.001), bore).verdict())
                .isEqualTo(CapFit.Verdict.BUCKLES);
        assertThat(CapFit.of(exactly(48.01), bore).verdict()).isEqualTo(CapFit.Verdict.FALLS_OFF);
        assertThatThrownBy(() -> CapFit.of(exactly(47.99), bore)).hasMessageContaining("within 2 mm");
        assertThatThrownBy(() -> CapFit.of(exactly(52.01), bore)).hasMessageContaining("within 2 mm");
    }

    private static SizeRange exactly(double millimetres) {
        return new SizeRange(mm(millimetres), mm(millimetres));
    }

    private static SealSize size(double shaft, double bore, @Nullable Double width) {
        return new SealSize(mm(shaft), mm(bore), Optional.ofNullable(width).map(Length::ofMillimetres));
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
