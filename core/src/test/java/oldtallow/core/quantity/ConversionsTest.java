package oldtallow.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import javax.measure.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tech.units.indriya.unit.Units;

/** Conversions against two independent references: indriya (JSR 385) and GNU units, both of which carry their own tables. */
class ConversionsTest {

    private static final Unit<javax.measure.quantity.Length> INCH =
            Units.METRE.multiply(254).divide(10_000);
    private static final Unit<javax.measure.quantity.Force> POUND_FORCE = Units.KILOGRAM
            .multiply(45_359_237L)
            .divide(100_000_000L)
            .multiply(Units.METRE_PER_SQUARE_SECOND.multiply(980_665).divide(100_000))
            .asType(javax.measure.quantity.Force.class);

    /** Factories from their own unit to SI, with the unit's name in GNU units. */
    static Stream<Arguments> factories() {
        return Stream.of(
                factory("in", "m", x -> Length.ofInches(x).metres()),
                factory("mil", "m", x -> Length.ofThousandths(x).metres()),
                factory("mm", "m", x -> Length.ofMillimetres(x).metres()),
                factory("micron", "m", x -> Length.ofMicrometres(x).metres()),
                factory("lbf", "N", x -> Force.ofPoundsForce(x).newtons()),
                factory("kN", "N", x -> Force.ofKilonewtons(x).newtons()),
                factory("lbf ft", "N m", x -> Torque.ofPoundForceFeet(x).newtonMetres()),
                factory("lbf in", "N m", x -> Torque.ofPoundForceInches(x).newtonMetres()),
                factory(
                        "kgf m",
                        "N m",
                        x -> Torque.of(x, TorqueUnit.KILOGRAM_FORCE_METRE).newtonMetres()));
    }

    @ParameterizedTest
    @MethodSource("factories")
    void matchesGnuUnits(String unit, String si, DoubleUnaryOperator factory) throws Exception {
        assertThat(factory.applyAsDouble(1)).isCloseTo(gnuUnits(unit, si), within(gnuUnits(unit, si) * 1e-13));
    }

    @Test
    void matchesIndriyaForLengths() {
        assertThat(Length.ofInches(1.0625).metres())
                .isCloseTo(INCH.getConverterTo(Units.METRE).convert(1.0625), within(1e-17));
        assertThat(Length.ofThousandths(5).metres())
                .isCloseTo(INCH.divide(1000).getConverterTo(Units.METRE).convert(5.0), within(1e-18));
    }

    @Test
    void matchesIndriyaForForceAndTorque() throws Exception {
        Unit<?> newtonMetre = Units.NEWTON.multiply(Units.METRE);
        assertThat(Force.ofPoundsForce(3000).newtons())
                .isCloseTo(POUND_FORCE.getConverterTo(Units.NEWTON).convert(3000.0), within(1e-9));
        assertThat(Torque.ofPoundForceInches(20).newtonMetres())
                .isCloseTo(
                        POUND_FORCE
                                .multiply(INCH)
                                .getConverterToAny(newtonMetre)
                                .convert(20.0),
                        within(1e-12));
    }

    /** NIST SP 811, appendix B (from memory): exact or to the last printed digit. */
    @Test
    void matchesThePublishedFactors() {
        assertThat(Torque.ofPoundForceFeet(1).newtonMetres()).isCloseTo(1.35581794833140, within(1e-14));
        assertThat(Torque.ofPoundForceInches(1).newtonMetres()).isCloseTo(0.1129848290276167, within(1e-16));
        assertThat(Length.ofThousandths(1).micrometres()).isCloseTo(25.4, within(1e-12));
    }

    /** Worked conversions, recomputed independently in decimal arithmetic. */
    @Test
    void matchesWorkedConversions() {
        assertThat(Torque.ofPoundForceFeet(50).newtonMetres()).isCloseTo(67.7909, within(5e-5));
        assertThat(Torque.ofPoundForceFeet(200).newtonMetres()).isCloseTo(271.1636, within(5e-5));
        assertThat(Torque.ofPoundForceInches(25).newtonMetres()).isCloseTo(2.82462, within(5e-6));
        assertThat(Torque.ofNewtonMetres(100).poundForceFeet()).isCloseTo(73.7562, within(5e-5));
        assertThat(Torque.ofNewtonMetres(1).poundForceInches()).isCloseTo(8.85075, within(5e-6));
    }

    @Test
    void comesBackFromEveryUnit() {
        var random = new Random(20261125);
        for (int i = 0; i < 2000; i++) {
            double x = Math.exp(random.nextDouble(-12, 12));
            assertThat(Length.ofInches(x).inches()).isCloseTo(x, within(x * 1e-14));
            assertThat(Length.ofThousandths(x).thousandths()).isCloseTo(x, within(x * 1e-14));
            assertThat(Length.ofMicrometres(x).micrometres()).isCloseTo(x, within(x * 1e-14));
            assertThat(Length.ofMillimetres(x).millimetres()).isCloseTo(x, within(x * 1e-14));
            assertThat(Force.ofPoundsForce(x).poundsForce()).isCloseTo(x, within(x * 1e-14));
            for (TorqueUnit unit : TorqueUnit.values()) {
                assertThat(Torque.of(x, unit).in(unit)).isCloseTo(x, within(x * 1e-14));
            }
        }
    }

    private static Arguments factory(String unit, String si, DoubleUnaryOperator factory) {
        return Arguments.of(unit, si, factory);
    }

    private static double gnuUnits(String from, String to) throws IOException, InterruptedException {
        var process = new ProcessBuilder("units", "--terse", "--output-format", "%.17g", from, to)
                .redirectErrorStream(true)
                .start();
        String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        assertThat(process.waitFor()).as("units %s %s: %s", from, to, printed).isZero();
        return Double.parseDouble(printed);
    }
}
