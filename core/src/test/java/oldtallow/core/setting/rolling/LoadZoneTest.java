package oldtallow.core.setting.rolling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.stream.IntStream;
import oldtallow.core.quantity.OutOfRangeException;
import org.apache.commons.math3.analysis.integration.gauss.GaussIntegrator;
import org.apache.commons.math3.analysis.integration.gauss.GaussIntegratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LoadZoneTest {

    /** The product's reference sheet §7, Sjövall's integrals for n = 10/9, recomputed there with multiple precision. */
    @ParameterizedTest
    @CsvSource({
        "0.1,.126407,.131502",
        "0.2,.173175,.187919",
        "0.3,.204958,.232720",
        "0.4,.228038,.271935",
        "0.5,.244799,.307964",
        "0.6,.256362,.342129"
    })
    void agreesWithTheSheet(double share, double radial, double axial) {
        LoadZone zone = LoadZone.of(share);

        assertThat(zone.radial()).isCloseTo(radial, within(6e-7));
        assertThat(zone.axial()).isCloseTo(axial, within(6e-7));
    }

    /** Harris, Rolling Bearing Analysis, table for single-row bearings, line contact (from memory); reckoned with n = 1.1. */
    @ParameterizedTest
    @CsvSource({"0.2,.1737,.1885", "0.3,.2055,.2334", "0.4,.2286,.2728", "0.5,.2453,.3090", "0.6,.2568,.3433"})
    void agreesWithThePrintedTableForLines(double share, double radial, double axial) {
        LoadZone zone = LoadZone.of(share, 1.1);

        assertThat(zone.radial()).isCloseTo(radial, within(1.2e-4));
        assertThat(zone.axial()).isCloseTo(axial, within(1.2e-4));
    }

    /** The same table, point contact, n = 1.5 (from memory): ±1 in the fourth digit. */
    @ParameterizedTest
    @CsvSource({"0.2,.1590,.1707", "0.3,.1892,.2110", "0.4,.2117,.2462", "0.5,.2288,.2782", "0.6,.2416,.3084"})
    void agreesWithThePrintedTableForPoints(double share, double radial, double axial) {
        LoadZone zone = LoadZone.of(share, 1.5);

        assertThat(zone.radial()).isCloseTo(radial, within(1.1e-4));
        assertThat(zone.axial()).isCloseTo(axial, within(1.1e-4));
    }

    /** Closed forms for n = 1: Jr(½) = ¼, Ja(½) = 1/π, Jr(1) = ¼, Ja(1) = ½. */
    @Test
    void meetsTheClosedFormsOfALinearContact() {
        assertThat(LoadZone.of(0.5, 1).radial()).isCloseTo(0.25, within(1e-10));
        assertThat(LoadZone.of(0.5, 1).axial()).isCloseTo(1 / Math.PI, within(1e-10));
        assertThat(LoadZone.of(1, 1).radial()).isCloseTo(0.25, within(1e-10));
        assertThat(LoadZone.of(1, 1).axial()).isCloseTo(0.5, within(1e-10));
    }

    /** Jr(1)/Ja(1) = n/(n+1) for any n: integration by parts. */
    @ParameterizedTest
    @ValueSource(doubles = {1, 1.1, 10.0 / 9, 1.5})
    void meetsTheExactRatioAllRound(double exponent) {
        LoadZone zone = LoadZone.of(1, exponent);

        assertThat(zone.radial() / zone.axial()).isCloseTo(exponent / (exponent + 1), within(1e-9));
    }

    /** Reference sheet §7: J4(½), J4.5(½); Jr over them is ISO/TS 16281's 0.378 and 0.364 (from memory) within 0.5 %. */
    @Test
    void agreesWithTheWearIntegrals() {
        LoadZone half = LoadZone.of(0.5);

        assertThat(half.turning()).isCloseTo(0.65042, within(1e-5));
        assertThat(half.standing()).isCloseTo(0.67430, within(1e-5));
        assertThat(half.radial() / half.turning()).isCloseTo(0.378, within(0.005 * 0.378));
        assertThat(half.radial() / half.standing()).isCloseTo(0.364, within(0.005 * 0.364));
    }

    @Test
    void underMoreAndMoreThrustEveryRollerCarriesAlike() {
        LoadZone zone = LoadZone.of(1e6);

        assertThat(zone.axial()).isCloseTo(1, within(1e-5));
        assertThat(zone.turning()).isCloseTo(1, within(1e-5));
        assertThat(zone.standing()).isCloseTo(1, within(1e-5));
        assertThat(zone.radial()).isCloseTo(0, within(1e-5));
    }

    @Test
    void theTableReadsWhatTheQuadratureReckons() {
        for (double share = 2e-5; share < 9e4; share *= 1.037) {
            LoadZone exact = LoadZone.of(share);
            LoadZone read = ZoneTable.of(share);

            assertThat(read.radial()).isCloseTo(exact.radial(), within(1e-6 * exact.radial()));
            assertThat(read.axial()).isCloseTo(exact.axial(), within(1e-6 * exact.axial()));
            assertThat(read.turning()).isCloseTo(exact.turning(), within(1e-6 * exact.turning()));
            assertThat(read.standing()).isCloseTo(exact.standing(), within(1e-6 * exact.standing()));
        }
    }

    @Test
    void theTableFindsTheZoneOfARatio() {
        for (double share = 1e-4; share < 1e4; share *= 1.21) {
            LoadZone zone = LoadZone.of(share);

            assertThat(ZoneTable.shareOf(zone.radial() / zone.axial())).isCloseTo(share, within(2e-4 * share));
        }
        assertThat(ZoneTable.shareOf(1)).isEqualTo(ZoneTable.LEAST_SHARE);
        assertThat(ZoneTable.shareOf(1e-9)).isEqualTo(ZoneTable.MOST_SHARE);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, Double.NaN, Double.POSITIVE_INFINITY})
    void refusesAZoneThatCannotBe(double share) {
        assertThatThrownBy(() -> LoadZone.of(share)).isInstanceOf(OutOfRangeException.class);
    }

    /** Commons Math's points and weights, which are tabled. */
    @Test
    void pointsAndWeightsAreGauss() {
        GaussIntegrator tabled = new GaussIntegratorFactory().legendre(24);

        double[][] ours = LoadZone.gauss(24);

        for (int i = 0; i < tabled.getNumberOfPoints(); i++) {
            double point = tabled.getPoint(i);
            int at = nearest(ours[0], point);
            assertThat(ours[0][at]).isCloseTo(point, within(1e-14));
            assertThat(ours[1][at]).isCloseTo(tabled.getWeight(i), within(1e-14));
        }
    }

    private static int nearest(double[] points, double wanted) {
        return IntStream.range(0, points.length)
                .boxed()
                .min(Comparator.comparingDouble(i -> Math.abs(points[i] - wanted)))
                .orElseThrow();
    }
}
