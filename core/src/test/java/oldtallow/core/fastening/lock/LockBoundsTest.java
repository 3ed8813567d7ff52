package oldtallow.core.fastening.lock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import oldtallow.core.quantity.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What locks there are, and the fewest seats a retainer is turned by. */
class LockBoundsTest {

    private static final List<Turn> ONE = List.of(Turn.ZERO);

    @Test
    void plates() {
        assertThat(new LockPlate(72, 72, 1).positions()).hasSize(72);
        assertThat(new LockPlate(1, 1, 1).positions()).hasSize(1);
        assertThatThrownBy(() -> new LockPlate(73, 6, 1)).hasMessageContaining("lock plate holes");
        assertThatThrownBy(() -> new LockPlate(0, 6, 1)).hasMessageContaining("lock plate holes");
        assertThatThrownBy(() -> new LockPlate(6, 73, 1)).hasMessageContaining("ring nut holes");
        assertThatThrownBy(() -> new LockPlate(6, 0, 1)).hasMessageContaining("ring nut holes");
        assertThatThrownBy(() -> new LockPlate(6, 4, 3)).hasMessageContaining("1 to 2");
    }

    @Test
    void washers() {
        assertThat(new TangWasher(4, ONE).positions()).hasSize(4);
        assertThat(new TangWasher(12, ONE).positions()).hasSize(12);
        assertThatThrownBy(() -> new TangWasher(3, ONE)).hasMessageContaining("4 to 12");
        assertThatThrownBy(() -> new TangWasher(13, ONE)).hasMessageContaining("4 to 12");
    }

    /** Twelve marks at most, each its own, within their period. */
    @Test
    void marks() {
        assertThat(new TangWasher(6, marks(12)).marks()).hasSize(12);
        assertThatThrownBy(() -> new TangWasher(6, marks(13))).hasMessageContaining("1 to 12");
        assertThatThrownBy(() -> new TangWasher(6, List.of())).hasMessageContaining("1 to 12");
        assertThatThrownBy(() -> new CastleNut(6, List.of(Turn.HALF))).hasMessageContaining("below 180°");
        assertThatThrownBy(() -> new CastleNut(6, List.of(Turn.ofDegrees(-1)))).hasMessageContaining("hole angle");
        assertThatThrownBy(() -> new CastleNut(6, List.of(Turn.ZERO, Turn.ZERO)))
                .hasMessageContaining("given twice");
    }

    private static List<Turn> marks(int number) {
        return IntStream.range(0, number).mapToObj(i -> Turn.ofDegrees(i * 20L)).toList();
    }

    /** Pushed over a hex nut: 6, 12 or 18 ways, each flat its own row, repeating every 60, 30 or 20°. */
    @ParameterizedTest
    @ValueSource(ints = {6, 12, 18})
    void pushedOn(int seats) {
        var one = new PushOnRetainer(seats, ONE);
        var two = new PushOnRetainer(seats, List.of(Turn.ZERO, Turn.ofDegrees(7)));

        assertThat(one.positions().stream().map(LockPosition::at))
                .containsExactlyElementsOf(IntStream.range(0, seats)
                        .mapToObj(i -> Turn.of(i, seats))
                        .toList());
        assertThat(one.largestGap()).isEqualTo(Turn.of(1, seats));
        assertThat(two.positions()).hasSize(2 * seats);
        assertThat(two.smallestGap()).isEqualTo(Turn.ofDegrees(7));
        assertThat(two.mark(2)).isEqualTo(Turn.ofDegrees(7));
    }

    @ParameterizedTest
    @CsvSource({"5", "7", "0", "24"})
    void noOtherRetainerIsPushedOn(int seats) {
        assertThatThrownBy(() -> new PushOnRetainer(seats, ONE)).hasMessageContaining("6, 12 or 18");
    }

    /**
     * A retainer lifted and turned by so many seats brings a slot to the mark: looser by step ÷ steps of a turn, less the seats
     * turned, is a whole number of slots. And it is the fewest seats that do.
     */
    @ParameterizedTest
    @CsvSource({"4, 6", "6, 6", "8, 6", "10, 6", "12, 6", "4, 12", "8, 12", "10, 12", "14, 12"})
    void turnsByTheFewestSeats(int slots, int seats) {
        var retainer = new SeatedRetainer(slots, seats, ONE);
        for (int step = 0; step < retainer.positionsPerMark(); step++) {
            Turn looser = Turn.of(step, retainer.positionsPerMark());
            int shift = retainer.seatShift(step);

            assertThat(meets(looser, shift, slots, seats)).as("step %s", step).isTrue();
            for (int fewer = 0; fewer < Math.abs(shift); fewer++) {
                assertThat(meets(looser, fewer, slots, seats)).isFalse();
                assertThat(meets(looser, -fewer, slots, seats)).isFalse();
            }
        }
    }

    /** A retainer seated looser by so many seats has its slot there that much earlier. */
    private static boolean meets(Turn looser, int shift, int slots, int seats) {
        return looser.plus(Turn.of(shift, seats)).modulo(Turn.of(1, slots)).equals(Turn.ZERO);
    }
}
