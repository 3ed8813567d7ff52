package oldtallow.core.fastening.lock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LocksTest {

    private static final List<Turn> ONE_HOLE = List.of(Turn.ZERO);

    @ParameterizedTest
    @ValueSource(ints = {0, -6, 1, 5, 7, 38, Integer.MAX_VALUE})
    void refusesSlotCountsAStraightCotterCannotUse(int slots) {
        assertThatThrownBy(() -> new CastleNut(slots, ONE_HOLE))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("a slot on both sides");
        assertThatThrownBy(() -> new SeatedRetainer(slots, 6, ONE_HOLE)).isInstanceOf(OutOfRangeException.class);
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 36})
    void takesTheEndsOfTheSlotRange(int slots) {
        assertThat(new CastleNut(slots, ONE_HOLE).positions()).hasSize(slots);
    }

    @ParameterizedTest
    @ValueSource(ints = {180, 270, -1})
    void refusesAHoleAngleOutsideHalfATurn(int degrees) {
        assertThatThrownBy(() -> new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(degrees))))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("below 180");
    }

    @Test
    void refusesNoHoleAndTheSameHoleTwice() {
        assertThatThrownBy(() -> new CastleNut(6, List.of())).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new CastleNut(6, List.of(Turn.ZERO, Turn.ZERO)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("given twice");
    }

    @Test
    void namesTheHoleThatMeets() {
        var nut = new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(90)));

        assertThat(nut.positions().get(0).engagements()).containsExactly(new Engagement(1, 0, false));
        assertThat(nut.positions().get(1).engagements()).containsExactly(new Engagement(2, 0, false));
    }

    @Test
    void namesBothHolesWhereBothMeet() {
        var nut = new CastleNut(8, List.of(Turn.ZERO, Turn.ofDegrees(90)));

        assertThat(nut.positions().getFirst().engagements())
                .containsExactly(new Engagement(1, 0, false), new Engagement(2, 0, false));
    }

    @Test
    void movesARetainerNoFurtherThanNeeded() {
        var retainer = new SeatedRetainer(8, 6, ONE_HOLE);

        assertThat(retainer.positions()).allSatisfy(position -> {
            int shift = position.engagements().getFirst().seatShift();
            assertThat(Math.abs(shift)).isLessThanOrEqualTo(2); // 45° and 60° meet again after three seats
        });
        assertThat(retainer.positions().getFirst().engagements().getFirst().seatShift())
                .isZero();
    }

    /** Tried slot by slot: with the retainer turned as told, one of its slots stands at the hole. */
    @ParameterizedTest
    @CsvSource({"8,6", "10,6", "10,12", "4,12", "6,6"})
    void turningARetainerAsToldBringsASlotToTheHole(int slots, int seats) {
        var retainer = new SeatedRetainer(slots, seats, List.of(Turn.ZERO, Turn.ofDegrees(37)));

        for (LockPosition position : retainer.positions()) {
            for (Engagement way : position.engagements()) {
                Turn seated = position.at().plus(Turn.of(way.seatShift(), seats));
                assertThat(IntStream.range(0, slots)
                                .mapToObj(slot ->
                                        seated.plus(Turn.of(slot, slots)).modulo(Turn.FULL)))
                        .contains(retainer.mark(way.mark()));
            }
        }
    }

    /** Tried slot by slot: seated or turned over as told, one of the cap's slots stands at the hole. */
    @ParameterizedTest
    @CsvSource({"6,6,10", "6,6,50", "8,6,11", "10,12,5", "4,6,89"})
    void turningACapOverAsToldBringsASlotToTheHole(int slots, int seats, int offsetDegrees) {
        Turn offset = Turn.ofDegrees(offsetDegrees);
        var cap = new SeatedRetainer(slots, seats, offset, List.of(Turn.ZERO, Turn.ofDegrees(37)));

        for (LockPosition position : cap.positions()) {
            for (Engagement way : position.engagements()) {
                // where a corner of the nut stands, and from it the cap's slots: looser of it, or tighter turned over
                Turn corner = position.at().minus(offset).plus(Turn.of(way.seatShift(), seats));
                Turn first = way.turnedOver() ? corner.minus(offset) : corner.plus(offset);
                assertThat(IntStream.range(0, slots)
                                .mapToObj(
                                        slot -> first.plus(Turn.of(slot, slots)).modulo(Turn.FULL)))
                        .contains(cap.mark(way.mark()));
            }
        }
    }

    @Test
    void aCapOffItsCornersHasTwiceTheStops() {
        var cap = new SeatedRetainer(6, 6, Turn.ofDegrees(10), ONE_HOLE);

        assertThat(cap.positions()).hasSize(12);
        assertThat(cap.smallestGap()).isEqualTo(Turn.ofDegrees(20));
        assertThat(cap.largestGap()).isEqualTo(Turn.ofDegrees(40));
        assertThat(new SeatedRetainer(6, 6, Turn.ofDegrees(30), ONE_HOLE).positions())
                .as("slots midway between the corners: turning it over changes nothing")
                .hasSize(6);
        assertThatThrownBy(() -> new SeatedRetainer(6, 6, Turn.ofDegrees(60), ONE_HOLE))
                .hasMessageContaining("below 60.0°");
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 5, 8, 24})
    void refusesSeatsNoNutHas(int seats) {
        assertThatThrownBy(() -> new SeatedRetainer(8, seats, ONE_HOLE)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void aTangWasherTurnedOverStopsBetweenItsOldPositions() {
        var washer = new TangWasher(6, List.of(Turn.ofDegrees(15)));

        assertThat(washer.positions().getFirst().at()).isEqualTo(Turn.ofDegrees(15));
        assertThat(washer.turnedOver().positions().getFirst().at()).isEqualTo(Turn.ofDegrees(45));
        assertThat(washer.turnedOver().turnedOver()).isEqualTo(washer);
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 13, -6})
    void refusesNutsWithoutFlats(int flats) {
        assertThatThrownBy(() -> new TangWasher(flats, ONE_HOLE)).isInstanceOf(OutOfRangeException.class);
    }

    /** Counts, over a whole turn, at which angles all screws go in: found by trying, not by the gcd. */
    @ParameterizedTest
    @CsvSource({"10,15,3", "12,3,3", "18,6,6", "9,6,3", "24,10,2", "7,7,7", "5,4,1"})
    void aLockPlateMatchesTrying(int plate, int ring, int screws) {
        int fine = plate * ring;
        List<Turn> tried = IntStream.range(0, fine)
                .filter(angle -> IntStream.range(0, ring)
                                .filter(hole -> (angle + hole * plate) % ring == 0)
                                .count()
                        >= screws)
                .mapToObj(angle -> Turn.of(angle, fine))
                .toList();

        assertThat(new LockPlate(plate, ring, screws).positions().stream().map(LockPosition::at))
                .containsExactlyElementsOf(tried);
    }

    @ParameterizedTest
    @CsvSource({"10,3,3", "10,15,6", "0,3,1", "73,3,1", "10,15,0", "10,15,-1"})
    void refusesAPlateWhoseScrewsNeverAllMeet(int plate, int ring, int screws) {
        assertThatThrownBy(() -> new LockPlate(plate, ring, screws)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void refusesAMarkItDoesNotHave() {
        var nut = new CastleNut(6, ONE_HOLE);

        assertThat(nut.mark(1)).isEqualTo(Turn.ZERO);
        assertThatThrownBy(() -> nut.mark(2)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> nut.mark(0)).isInstanceOf(OutOfRangeException.class);
    }
}
