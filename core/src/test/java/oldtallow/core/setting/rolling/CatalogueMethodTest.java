package oldtallow.core.setting.rolling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.quantity.Length;
import oldtallow.core.setting.rolling.Equilibrium.Settled;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The pair's thrusts against the catalogue's way with a pair of tapered bearings (ISO 281, from memory): Fa,i − Fa,o = Fy, and
 * the bearing that is pressed less keeps its induced thrust Fr/(2Y). It takes no play and half the rollers carrying; the model
 * finds the zones itself, so that the two differ by some percent and no more.
 */
class CatalogueMethodTest {

    private static final double WEIGHT = 7784.387826705875;

    /** Worked out by hand for the model hub on the product's reference sheet, §5: side force, thrusts by the standard. */
    @ParameterizedTest
    @CsvSource({
        "0, 1757.8, 1757.8",
        "0.1, 3207.9, 2429.5",
        "-0.1, 1350.8, 2129.2",
        "0.3, 6108.2, 3772.9",
        "-0.3, 2592.7, 4928.0"
    })
    void sharesThrustAsTheStandardDoes(double side, double inner, double outer) {
        var settled =
                (Settled) ModelHub.PAIR.settle(Length.ZERO, ModelHub.load().cornering(side));

        assertThat(settled.inner().axial()).isCloseTo(inner, within(0.1 * inner));
        assertThat(settled.outer().axial()).isCloseTo(outer, within(0.1 * outer));
        assertThat(settled.inner().axial() - settled.outer().axial())
                .as("nothing but the side force between them")
                .isCloseTo(side * WEIGHT, within(0.01));
    }
}
