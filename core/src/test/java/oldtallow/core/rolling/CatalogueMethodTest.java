package oldtallow.core.rolling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.quantity.Length;
import oldtallow.core.rolling.Equilibrium.Settled;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The catalogue's way with a pair of tapered bearings, held to a textbook's printed example, and then used to check the
 * model: two methods that share nothing but the exponent of the rating life.
 */
class CatalogueMethodTest {

    /** Induced thrust of a tapered bearing, ABMA: Fi = 0.47 Fr / K; of ISO 281: Fi = Fr / (2 Y). */
    private record Induced(double ofA, double ofB) {}

    /**
     * Budynas and Nisbett, Shigley's Mechanical Engineering Design, 9th and 10th ed., example 11-8: a helical gear's shaft,
     * pair of tapered bearings, 800 rev/min, 5000 h, thrust 1690 N on A. Printed values from memory; arithmetic recomputed.
     */
    @Test
    void agreesWithThePrintedExampleOfATextbook() {
        double radialA = Math.hypot(1326.7, 1716.7);
        double radialB = Math.hypot(2653.3, 53.3);
        assertThat(radialA).as("printed 2170").isCloseTo(2170, within(2.17));
        assertThat(radialB).as("printed 2654").isCloseTo(2654, within(2.65));

        Induced trial = new Induced(0.47 * radialA / 1.5, 0.47 * radialB / 1.5);
        assertThat(trial.ofA()).as("printed 680").isCloseTo(680, within(0.7));
        assertThat(trial.ofB()).as("printed 832").isCloseTo(832, within(0.9));
        double loadA = 0.4 * radialA + 1.5 * (trial.ofB() + 1690);
        assertThat(loadA).as("printed 4651").isCloseTo(4651, within(4.65));
        double turns = 5000.0 * 800 * 60 / 90e6;
        assertThat(rating(loadA, turns)).as("printed 11 486 N").isCloseTo(11_486, within(11.5));
        assertThat(rating(radialB, turns)).as("printed 6554 N").isCloseTo(6554, within(6.6));

        Induced chosen = new Induced(0.47 * radialA / 1.67, 0.47 * radialB / 1.67);
        double chosenLoad = 0.4 * radialA + 1.67 * (chosen.ofB() + 1690);
        assertThat(chosenLoad).as("printed 4938").isCloseTo(4938, within(4.94));
        double survivesA = survives(12_100, chosenLoad, turns);
        double survivesB = survives(12_100, radialB, turns);
        assertThat(survivesA).as("printed 0.994 791").isCloseTo(0.994791, within(2e-5));
        assertThat(survivesB).as("printed 0.999 766").isCloseTo(0.999766, within(2e-5));
        assertThat(survivesA * survivesB).as("printed 0.994 558").isCloseTo(0.994558, within(2e-5));
    }

    /** C10 = P·(xD / (θ·(1 − R)^(1/b)))^(3/10), θ 4.48, b 1.5, R √0.99 rounded to 0.995 as printed. */
    private static double rating(double load, double turns) {
        return load * Math.pow(turns / (4.48 * Math.pow(1 - 0.995, 1 / 1.5)), 0.3);
    }

    private static double survives(double rating, double load, double turns) {
        return 1 - Math.pow(turns / (4.48 * Math.pow(rating / load, 10.0 / 3)), 1.5);
    }

    /** ISO 281's axial sharing of the model hub, worked out on the product's reference sheet, §5. */
    @ParameterizedTest
    @CsvSource({
        "0, 1757.8, 1757.8, 5022.2, 3955.3",
        "0.1, 3207.9, 2429.5, 9165.5, 4492.1",
        "-0.1, 1350.8, 2129.2, 2281.2, 6905.5",
        "0.3, 6108.2, 3772.9, 17452.1, 9985.3",
        "-0.3, 2592.7, 4928.0, 7407.7, 15192.1"
    })
    void sharesThrustAsTheStandardDoes(
            double side, double thrustInner, double thrustOuter, double inner, double outer) {
        Catalogue hub = Catalogue.of(side);

        assertThat(hub.thrustInner).isCloseTo(thrustInner, within(0.1));
        assertThat(hub.thrustOuter).isCloseTo(thrustOuter, within(0.1));
        assertThat(hub.loadInner).isCloseTo(inner, within(0.1));
        assertThat(hub.loadOuter).isCloseTo(outer, within(0.1));
    }

    /** At no play, half the rollers carry in the catalogue's mind: the model's pair life must lie near it. */
    @Test
    void theModelAtNoPlayLivesAsLongAsTheCatalogueSays() {
        Catalogue hub = Catalogue.of(0);
        double inner = Math.pow(ModelHub.INNER.dynamicRating() / hub.loadInner, 10.0 / 3);
        double outer = Math.pow(ModelHub.OUTER.dynamicRating() / hub.loadOuter, 10.0 / 3);
        double catalogue = BearingPair.life(inner, outer);
        assertThat(catalogue).as("reference sheet §7").isCloseTo(489.9, within(1.0));

        assertThat(ModelHub.PAIR.settle(Length.ZERO, ModelHub.load()))
                .isInstanceOfSatisfying(Settled.class, settled -> {
                    double model = BearingPair.life(
                            settled.inner().life(ModelHub.INNER),
                            settled.outer().life(ModelHub.OUTER));
                    assertThat(model).isCloseTo(catalogue, within(0.05 * catalogue));
                });
    }

    /** The model hub by ISO 281: Fa,i − Fa,o = Fy, P = max(Fr, 0.4 Fr + Y Fa). */
    private record Catalogue(double thrustInner, double thrustOuter, double loadInner, double loadOuter) {

        private static final double WEIGHT = 7784.387826705875;

        static Catalogue of(double sideShare) {
            double side = sideShare * WEIGHT;
            double outer = Math.abs((WEIGHT * 22 - side * 330) / 62);
            double inner = Math.abs(WEIGHT - (WEIGHT * 22 - side * 330) / 62);
            double yInner = 0.4 / 0.28;
            double yOuter = 0.4 / (0.37 / 1.5);
            double inducedInner = inner / (2 * yInner);
            double inducedOuter = outer / (2 * yOuter);
            boolean innerPressed = inducedOuter + side >= inducedInner;
            double thrustInner = innerPressed ? inducedOuter + side : inducedInner;
            double thrustOuter = innerPressed ? inducedOuter : inducedInner - side;
            return new Catalogue(
                    thrustInner,
                    thrustOuter,
                    Math.max(inner, 0.4 * inner + yInner * thrustInner),
                    Math.max(outer, 0.4 * outer + yOuter * thrustOuter));
        }
    }
}
