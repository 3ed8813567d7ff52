package oldtallow.core.fastening.lock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import oldtallow.core.quantity.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Step tables recomputed by brute force elsewhere; the properties compare with a brute force in whole millidegrees here. */
class AlignmentStepTest {

    private static final List<Turn> ONE_HOLE = List.of(Turn.ZERO);

    @ParameterizedTest
    @CsvSource({"4,90", "6,60", "8,45", "10,36", "12,30", "16,22.5", "18,20", "20,18"})
    void matchesTheTableForOneHole(int slots, double step) {
        assertThat(degrees(new CastleNut(slots, ONE_HOLE).gaps())).containsOnly(step);
    }

    @ParameterizedTest
    @CsvSource({"4,90", "6,30", "8,45", "10,18", "12,30", "16,22.5", "18,10", "20,18"})
    void matchesTheTableForTwoHolesSquare(int slots, double step) {
        assertThat(degrees(new CastleNut(slots, holes(0, 90)).gaps())).containsOnly(step);
    }

    /** Where the two openings are not evenly spaced the gaps alternate and the gcd rule does not hold. */
    @ParameterizedTest
    @CsvSource({"4,45,45", "6,15,45", "8,45,45", "10,9,27", "12,15,15", "16,22.5,22.5", "18,5,15", "20,9,9"})
    void matchesTheTableForTwoHolesAtFortyFive(int slots, double small, double large) {
        var nut = new CastleNut(slots, holes(0, 45));

        assertThat(nut.smallestGap().degrees()).isEqualTo(small);
        assertThat(nut.largestGap().degrees()).isEqualTo(large);
        if (small != large) {
            assertThat(degrees(nut.gaps()).subList(0, 2)).containsExactlyInAnyOrder(small, large);
            assertThat(degrees(nut.gaps()).subList(2, 4))
                    .isEqualTo(degrees(nut.gaps()).subList(0, 2));
        }
    }

    @ParameterizedTest
    @CsvSource({"4,6,30", "6,6,60", "6,12,30", "8,6,15", "8,12,15", "10,6,12", "10,12,6", "12,6,30", "12,12,30"})
    void matchesTheTableForSeatedRetainers(int slots, int seats, double step) {
        assertThat(degrees(new SeatedRetainer(slots, seats, ONE_HOLE).gaps())).containsOnly(step);
    }

    @Test
    void aOneHoleCastleNutIsEvenlyExplainedByTheGcd() {
        for (int slots = 2; slots <= 36; slots += 2) {
            Turn step = Turn.greatestCommonDivisor(Turn.of(1, slots), Turn.HALF);
            assertThat(new CastleNut(slots, ONE_HOLE).gaps()).containsOnly(step);
        }
    }

    @Test
    void everyLockAgreesWithBruteForceInWholeMillidegrees() {
        var random = new Random(11);
        int[] slotCounts = {4, 6, 8, 10, 12, 18, 20};
        for (int draw = 0; draw < 200; draw++) {
            int slots = slotCounts[random.nextInt(slotCounts.length)];
            int second = random.nextInt(1, 180);
            var nut = new CastleNut(slots, holes(0, second));
            var retainer = new SeatedRetainer(slots, random.nextBoolean() ? 6 : 12, holes(0, second));

            assertThat(millidegrees(nut)).isEqualTo(bruteForce(slots, 1, second));
            assertThat(millidegrees(retainer)).isEqualTo(bruteForce(slots, retainer.seats(), second));
        }
    }

    @Test
    void gapsAlwaysAddUpToOneTurn() {
        for (SteppedLock lock : List.of(
                new CastleNut(6, holes(0, 45)),
                new SeatedRetainer(10, 12, holes(0, 37)),
                new TangWasher(6, holes(0, 100, 215)),
                new LockPlate(10, 15, 3))) {
            assertThat(lock.gaps().stream().reduce(Turn.ZERO, Turn::plus)).isEqualTo(Turn.FULL);
        }
    }

    /** Turns the nut through every thousandth of a degree and looks whether an opening sees a slot. */
    private static Set<Integer> bruteForce(int slots, int seats, int secondHole) {
        var found = new TreeSet<Integer>();
        int turn = 360_000;
        for (int seat = 0; seat < seats; seat++) {
            for (int slot = 0; slot < slots; slot++) {
                for (int opening : new int[] {0, 180_000, secondHole * 1000, secondHole * 1000 + 180_000}) {
                    int slotAngle = turn / slots * slot + turn / seats * seat;
                    found.add(Math.floorMod(opening - slotAngle, turn));
                }
            }
        }
        return found;
    }

    private static Set<Integer> millidegrees(SteppedLock lock) {
        var all = new TreeSet<Integer>();
        lock.positions().forEach(p -> all.add((int) Math.round(p.at().degrees() * 1000)));
        return all;
    }

    private static List<Double> degrees(List<Turn> turns) {
        return turns.stream().map(Turn::degrees).toList();
    }

    private static List<Turn> holes(int... degrees) {
        return Arrays.stream(degrees).mapToObj(Turn::ofDegrees).toList();
    }
}
