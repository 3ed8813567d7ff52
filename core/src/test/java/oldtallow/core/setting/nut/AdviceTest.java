package oldtallow.core.setting.nut;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Stream;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.LockPlate;
import oldtallow.core.fastening.lock.PushOnRetainer;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.SteppedLock;
import oldtallow.core.fastening.lock.TangWasher;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Over all locks, threads and readings: no nut is sent past zero play, and of the good stops the tightest is taken.
 *
 * <p>Held against a search of its own: every position of the lock, six turns either way, end play = reading + pitch × turns.
 */
class AdviceTest {

    private static final double EDGE_MM = 1e-6;
    private static final int READINGS = 25;

    private static final List<LockPattern> LOCKS = List.of(
            new CastleNut(6, List.of(Turn.ZERO)),
            new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(90))),
            new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(75))),
            new CastleNut(8, List.of(Turn.ZERO)),
            new CastleNut(10, List.of(Turn.ZERO, Turn.ofDegrees(41), Turn.ofDegrees(137))),
            new SeatedRetainer(6, 6, List.of(Turn.ZERO)),
            new SeatedRetainer(8, 6, List.of(Turn.ZERO)),
            new SeatedRetainer(8, 12, Turn.ofDegrees(7), List.of(Turn.ZERO, Turn.ofDegrees(90))),
            new PushOnRetainer(12, List.of(Turn.ZERO)),
            new PushOnRetainer(18, List.of(Turn.ZERO, Turn.ofDegrees(100))),
            new TangWasher(6, List.of(Turn.ofDegrees(15))),
            new TangWasher(8, List.of(Turn.ZERO, Turn.ofDegrees(200))),
            new LockPlate(6, 4, 2),
            new LockPlate(12, 16, 1),
            FreeAngleLock.TWO_NUTS,
            FreeAngleLock.STAKED_COLLAR);

    private static final List<EndPlayWindow> WINDOWS = List.of(
            EndPlayWindow.COMMON_PRACTICE,
            EndPlayWindow.LIGHT_TRAILER,
            new EndPlayWindow(Length.ZERO, Length.ofThousandths(2)),
            new EndPlayWindow(Length.ofThousandths(3), Length.ofThousandths(3)),
            new EndPlayWindow(Length.ofMillimetres(0.02), Length.ofMillimetres(0.4)));

    /** Windows that only a maker may ask for: into preload, and wide enough to hold several stops. */
    private static final List<EndPlayWindow> PRELOADED = List.of(
            new EndPlayWindow(Length.ofMillimetres(-0.05), Length.ZERO),
            new EndPlayWindow(Length.ofMillimetres(-0.3), Length.ofMillimetres(0.3)),
            new EndPlayWindow(Length.ofMillimetres(-0.25), Length.ofMillimetres(-0.1)));

    static Stream<Arguments> nuts() {
        return LOCKS.stream()
                .flatMap(lock -> Stream.of(SpindleThread.values()).map(thread -> Arguments.of(lock, thread)));
    }

    @ParameterizedTest
    @MethodSource("nuts")
    void neverPastZeroPlay(LockPattern lock, SpindleThread of) {
        var random = new Random(LOCKS.indexOf(lock));
        ScrewThread thread = of.cut(random.nextBoolean() ? ThreadHand.RIGHT : ThreadHand.LEFT);
        for (EndPlayWindow window : WINDOWS) {
            for (int i = 0; i < READINGS; i++) {
                NutCase nutCase = nutCase(thread, lock, reading(random, lock), window, Authority.WORKSHOP);

                for (double left : leaves(nutCase)) {
                    assertThat(left).as("%s", nutCase).isGreaterThanOrEqualTo(-EDGE_MM);
                }
            }
        }
    }

    /** Under a maker's preload no tighter than that figure; and of several good stops the tightest, in preload and in play. */
    @ParameterizedTest
    @MethodSource("nuts")
    void takesTheTightestGoodStop(LockPattern lock, SpindleThread of) {
        if (!(lock instanceof SteppedLock stepped)) {
            return;
        }
        var random = new Random(LOCKS.indexOf(lock));
        ScrewThread thread = of.cut(ThreadHand.RIGHT);
        for (EndPlayWindow window :
                Stream.concat(WINDOWS.stream(), PRELOADED.stream()).toList()) {
            for (int i = 0; i < READINGS; i++) {
                NutReading reading = reading(random, lock);
                NutCase nutCase = nutCase(thread, lock, reading, window, Authority.MAKER);
                OptionalDouble good = tightest(stepped, thread, reading, window.least(), window.most());
                OptionalDouble usable = tightest(stepped, thread, reading, window.most(), window.usable());

                switch (nutCase.advice()) {
                    case Advice.Take take -> assertThat(mm(take.stop())).isCloseTo(good.orElseThrow(), within(EDGE_MM));
                    case Advice.TakeUsable take -> {
                        assertThat(good).isEmpty();
                        assertThat(mm(take.stop())).isCloseTo(usable.orElseThrow(), within(EDGE_MM));
                    }
                    case Advice.NoneGood none -> {
                        assertThat(good).as("%s", nutCase).isEmpty();
                        assertThat(window.isGraded() && usable.isPresent()).isFalse();
                    }
                    case Advice.AnyAngle any -> throw new AssertionError(any);
                }
            }
        }
    }

    /** Two nuts: what the outer one takes is left over and above, so that the play once locked is inside. */
    @Test
    void leavesWhatTheOuterNutTakes() {
        ScrewThread thread = SpindleThread.M39_1_5.cut(ThreadHand.RIGHT);
        for (double takes : new double[] {0, 0.05, 0.5}) {
            var nutCase = new NutCase(
                    thread,
                    FreeAngleLock.TWO_NUTS,
                    NutReading.atZeroPlay(1, Turn.ZERO),
                    figure(EndPlayWindow.COMMON_PRACTICE, Authority.COMMON_PRACTICE),
                    null,
                    Length.ofMillimetres(takes));
            var any = (Advice.AnyAngle) nutCase.advice();

            assertThat(1.5 * any.fromDegrees() / 360 - takes).isCloseTo(0.0254, within(1e-9));
            assertThat(1.5 * any.toDegrees() / 360 - takes).isCloseTo(0.127, within(1e-9));
            assertThat(any.suggestedDegrees()).isCloseTo((any.fromDegrees() + any.toDegrees()) / 2, within(1e-9));
            assertThat(any.measureAgain()).isTrue();
        }
    }

    /** A washer cannot be thinner than nothing: where that much would have to go, none is offered. */
    @Test
    void offersNoWasherOfNegativeThickness() {
        int offered = 0;
        int refused = 0;
        for (int degrees = 26; degrees < 60; degrees++) {
            for (double fitted : new double[] {0.5, 0.6, 1, 3, 25}) {
                var nutCase = new NutCase(
                        new ScrewThread(Length.ofMillimetres(6.35), ThreadHand.RIGHT, Length.ofMillimetres(60)),
                        new CastleNut(2, List.of(Turn.ZERO)),
                        NutReading.atZeroPlay(1, Turn.ofDegrees(degrees)),
                        figure(EndPlayWindow.COMMON_PRACTICE, Authority.COMMON_PRACTICE),
                        Length.ofMillimetres(fitted));
                List<Remedy.OtherWasher> washers = ((Advice.NoneGood) nutCase.advice())
                        .remedies().stream()
                                .filter(Remedy.OtherWasher.class::isInstance)
                                .map(Remedy.OtherWasher.class::cast)
                                .toList();

                for (Remedy.OtherWasher washer : washers) {
                    assertThat(washer.leastChange().metres()).isPositive();
                    assertThat(requireNonNull(washer.thinnest())).isGreaterThan(Length.ZERO);
                    assertThat(requireNonNull(washer.thickest())).isGreaterThan(requireNonNull(washer.thinnest()));
                }
                boolean thinner = washers.stream().anyMatch(washer -> !washer.thicker());
                offered += thinner ? 1 : 0;
                refused += thinner ? 0 : 1;
            }
        }
        assertThat(offered).isPositive();
        assertThat(refused).isPositive();
    }

    /** What an advice would leave, mm, worked out from the turn of the nut alone. */
    private static List<Double> leaves(NutCase nutCase) {
        double pitch = nutCase.thread().pitch().millimetres();
        double here = nutCase.reading().endPlay().millimetres();
        List<Double> left = new ArrayList<>();
        switch (nutCase.advice()) {
            case Advice.Take take ->
                left.add(here + pitch * take.stop().backOff().turns());
            case Advice.TakeUsable take -> {
                left.add(here + pitch * take.stop().backOff().turns());
                left.addAll(leaves(nutCase, take.remedies()));
            }
            case Advice.NoneGood none -> left.addAll(leaves(nutCase, none.remedies()));
            case Advice.AnyAngle any -> {
                left.add(here + pitch * any.fromDegrees() / 360);
                left.add(here + pitch * any.suggestedDegrees() / 360);
            }
        }
        return left;
    }

    /** The washer turned over is the one remedy that sends the nut somewhere at once. */
    private static List<Double> leaves(NutCase nutCase, List<Remedy> remedies) {
        return remedies.stream()
                .filter(Remedy.TurnWasherOver.class::isInstance)
                .map(remedy -> ((Remedy.TurnWasherOver) remedy).stop().backOff())
                .map(backOff -> nutCase.reading().endPlay().millimetres()
                        + nutCase.thread().pitch().millimetres() * backOff.turns())
                .toList();
    }

    private static OptionalDouble tightest(
            SteppedLock lock, ScrewThread thread, NutReading reading, Length least, Length most) {
        double standing =
                lock.marks().get(reading.mark() - 1).turns() - reading.looser().turns();
        return lock.positions().stream()
                .flatMap(position -> Stream.iterate(-6, turn -> turn <= 6, turn -> turn + 1)
                        .map(turn -> position.at().turns() - standing + turn))
                .mapToDouble(turns ->
                        reading.endPlay().millimetres() + thread.pitch().millimetres() * turns)
                .filter(play -> play >= least.millimetres() - EDGE_MM && play <= most.millimetres() + EDGE_MM)
                .min();
    }

    private static double mm(Stop stop) {
        return stop.endPlay().millimetres();
    }

    /** By feel, or by a dial up to 1 mm; any mark of the lock, up to a turn either way. */
    private static NutReading reading(Random random, LockPattern lock) {
        int marks = lock instanceof SteppedLock stepped ? stepped.marks().size() : 1;
        Length play = random.nextBoolean() ? Length.ZERO : Length.ofMillimetres(random.nextDouble());
        return new NutReading(1 + random.nextInt(marks), Turn.ofDegrees(random.nextInt(-360, 361)), play);
    }

    private static NutCase nutCase(
            ScrewThread thread, LockPattern lock, NutReading reading, EndPlayWindow window, Authority authority) {
        return new NutCase(thread, lock, reading, figure(window, authority), null);
    }

    private static GoverningFigure<EndPlayWindow> figure(EndPlayWindow window, Authority authority) {
        return new GoverningFigure<>(window, authority, "test");
    }
}
