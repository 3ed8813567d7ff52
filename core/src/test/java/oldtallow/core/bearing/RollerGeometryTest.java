package oldtallow.core.bearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RollerGeometryTest {

    static Stream<BearingSet> sets() {
        return StandardCatalogue.entries().stream().map(CatalogueEntry::set);
    }

    /** Half angles of the two rollers of the drawn board: inboard 1.815°, outboard 1.879° (product's concept notes). */
    @Test
    void matchesTheBoardsRollerAngles() {
        assertThat(Math.toDegrees(RollerGeometry.halfRollerAngle(Math.atan(0.28), 6.3, 47.5 / 2)))
                .isCloseTo(1.815, within(0.001));
        assertThat(Math.toDegrees(RollerGeometry.halfRollerAngle(Math.atan(0.37 / 1.5), 6.1, 38.6 / 2)))
                .isCloseTo(1.879, within(0.001));
    }

    @ParameterizedTest
    @MethodSource("sets")
    void theRollerTouchesBothRacesAndEverythingMeetsInOneApex(BearingSet set) {
        RollerGeometry roller = RollerGeometry.of(set);

        // distance of the roller's middle from a race's line is its radius there: rolling contact on both sides
        double radius = roller.rollerDiameter() / 2;
        double toCup = roller.pitchCone() * Math.sin(roller.raceAngle() - roller.rollerAngle());
        double toCone = roller.pitchCone() * Math.sin(roller.rollerAngle() - roller.coneRaceAngle());
        assertThat(toCup).isCloseTo(radius * Math.cos(roller.halfRollerAngle()), within(1e-9));
        assertThat(toCone).isCloseTo(toCup, within(1e-9));
        assertThat(roller.radiusAt(roller.raceAngle(), roller.apex())).isZero();
        double middle = (set.bore().millimetres() + set.outsideDiameter().millimetres()) / 4;
        assertThat(roller.pitchCone() * Math.sin(roller.rollerAngle()))
                .as("the middle of the space, less where a steep race would leave no lip")
                .isBetween(set.e() > 0.5 ? 0.9 * middle : middle - 0.6, middle + 1e-9);
    }

    @ParameterizedTest
    @MethodSource("sets")
    void leavesMetalOnBothSidesOfTheRoller(BearingSet set) {
        RollerGeometry roller = RollerGeometry.of(set);
        double t = set.width().millimetres();
        double c = set.cupWidth().millimetres();

        assertThat(set.outsideDiameter().millimetres() / 2 - roller.radiusAt(roller.raceAngle(), t - c))
                .as("thin lip of the cup")
                .isGreaterThan(0.3);
        double smallEnd = roller.pitchCone() - roller.rollerLength() / 2;
        assertThat(smallEnd * Math.sin(roller.coneRaceAngle()) / Math.cos(roller.halfRollerAngle())
                        - set.bore().millimetres() / 2)
                .as("cone beneath the roller's small end")
                .isGreaterThan(0.5);
    }

    @Test
    void refusesARollerThatIsTooThick() {
        assertThatThrownBy(() -> RollerGeometry.halfRollerAngle(Math.toRadians(10), 30, 20))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> RollerGeometry.halfRollerAngle(Double.NaN, 6, 20))
                .isInstanceOf(OutOfRangeException.class);
    }
}
