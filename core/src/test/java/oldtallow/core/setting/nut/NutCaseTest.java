package oldtallow.core.setting.nut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.Engagement;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.SteppedLock;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class NutCaseTest {

    private static final CastleNut ONE_HOLE = new CastleNut(6, List.of(Turn.ZERO));
    private static final CastleNut TWO_HOLES = new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(90)));
    private static final GoverningFigure<EndPlayWindow> COMMON =
            new GoverningFigure<>(EndPlayWindow.COMMON_PRACTICE, Authority.COMMON_PRACTICE, "common practice");

    /** From exact zero play on a 1-14: 17° back leaves 3.373 thou (in), 40° back 7.937 thou (out). Recomputed. */
    @ParameterizedTest
    @CsvSource({"17, 0.085675, 3.373, INSIDE", "40, 0.201587, 7.937, TOO_LOOSE"})
    void matchesTheWorkedVectors(int slotAway, double millimetres, double thousandths, EndPlayVerdict verdict) {
        Stop nearest = firstLooser(on(SpindleThread.UNS_1_14, ONE_HOLE, slotAway));

        assertThat(nearest.backOff()).isEqualTo(Turn.ofDegrees(slotAway));
        assertThat(nearest.endPlay().millimetres()).isCloseTo(millimetres, within(5e-7));
        assertThat(nearest.endPlay().thousandths()).isCloseTo(thousandths, within(5e-4));
        assertThat(nearest.verdict()).isEqualTo(verdict);
    }

    /** 20° tighter is 0.100794 mm of rigid interference: recomputed. It is listed so that it can be refused. */
    @Test
    void showsTheTighterStopAsPreloadAndNeverAdvisesIt() {
        NutCase nutCase = on(SpindleThread.UNS_1_14, ONE_HOLE, 40);
        Stop tighter = nutCase.stops().getFirst();

        assertThat(tighter.backOff()).isEqualTo(Turn.ofDegrees(-20));
        assertThat(tighter.endPlay().millimetres()).isCloseTo(-0.100794, within(5e-7));
        assertThat(tighter.verdict()).isEqualTo(EndPlayVerdict.PRELOAD);
        assertThat(nutCase.advice()).isInstanceOf(Advice.NoneGood.class);
    }

    /** The board's case: 17° to hole 2, where hole 1 would need 13° tighter or 47° looser. Recomputed. */
    @Test
    void picksTheHoleThatFits() {
        var nutCase = new NutCase(
                thread(SpindleThread.UNS_1_14), TWO_HOLES, NutReading.atZeroPlay(2, Turn.ofDegrees(17)), COMMON, null);

        assertThat(degreesOf(nutCase.stops()).subList(0, 3)).containsExactly(-13.0, 17.0, 47.0);
        assertThat(nutCase.stops().get(2).endPlay().millimetres()).isCloseTo(0.236865, within(5e-7));
        assertThat(nutCase.advice()).isInstanceOfSatisfying(Advice.Take.class, take -> {
            assertThat(take.stop().backOff()).isEqualTo(Turn.ofDegrees(17));
            assertThat(take.stop().position().engagements()).containsExactly(new Engagement(2, 0, false));
        });
    }

    /**
     * One slot of a 1-14 nut with six is 11.905 thou: over all phases 4 / 11.905 = .336 have a stop in 1 to 5 thou (the
     * product's sheet, §2) and 9 / 11.905 = .756 one in 1 to 10; the rest are told that none is usable.
     */
    @Test
    void twoGradesLetThreeOfFourTrailerNutsStop() {
        var graded = new GoverningFigure<>(
                EndPlayWindow.LIGHT_TRAILER, Authority.COMMON_PRACTICE, "common practice of light trailers");
        int good = 0;
        int usable = 0;
        int phases = 6_000;
        for (int i = 0; i < phases; i++) {
            var reading = NutReading.atZeroPlay(1, Turn.of(i, 6L * phases));
            Advice advice = new NutCase(thread(SpindleThread.UNS_1_14), ONE_HOLE, reading, graded, null).advice();
            good += advice instanceof Advice.Take ? 1 : 0;
            if (advice instanceof Advice.TakeUsable take) {
                usable++;
                assertThat(take.stop().endPlay().thousandths()).isBetween(5.0, 10.0);
                assertThat(take.remedies()).as("how to do better").isNotEmpty();
            }
        }
        assertThat(good / (double) phases).isCloseTo(0.336, within(0.001));
        assertThat((good + usable) / (double) phases).isCloseTo(0.756, within(0.001));
    }

    @Test
    void readsTheSameNutFromEitherHole() {
        NutCase fromTwo = new NutCase(
                thread(SpindleThread.M24_1_5), TWO_HOLES, NutReading.atZeroPlay(2, Turn.ofDegrees(17)), COMMON, null);
        NutCase fromOne = new NutCase(
                thread(SpindleThread.M24_1_5), TWO_HOLES, NutReading.atZeroPlay(1, Turn.ofDegrees(-13)), COMMON, null);

        assertThat(degreesOf(fromOne.stops())).isEqualTo(degreesOf(fromTwo.stops()));
    }

    @Test
    void takesTheFirstStopThatIsInsideGoingLooser() {
        // every 6°: several stops fall inside, the tightest is the first met
        var retainer = new SeatedRetainer(10, 12, List.of(Turn.ZERO));
        NutCase nutCase = on(SpindleThread.UNS_1_14, retainer, 1);

        assertThat(nutCase.advice())
                .isInstanceOfSatisfying(
                        Advice.Take.class,
                        take -> assertThat(take.stop().backOff()).isEqualTo(Turn.ofDegrees(7)));
    }

    @Test
    void countsFromAMeasuredEndPlay() {
        // 0.2 mm on the dial where the nut stands; a slot 20° tighter leaves 0.0992 mm, still play
        var reading = new NutReading(1, Turn.ofDegrees(-20), Length.ofMillimetres(0.2));
        var nutCase = new NutCase(thread(SpindleThread.UNS_1_14), ONE_HOLE, reading, COMMON, null);

        assertThat(nutCase.advice()).isInstanceOfSatisfying(Advice.Take.class, take -> {
            assertThat(take.stop().backOff()).isEqualTo(Turn.ofDegrees(-20));
            assertThat(take.stop().endPlay().millimetres()).isCloseTo(0.2 - 0.1007937, within(1e-6));
        });
    }

    @Test
    void followsAMakersFigureIntoPreload() {
        var asked = new EndPlayWindow(Length.ofMillimetres(-0.06), Length.ofMillimetres(-0.01));
        var makers = new GoverningFigure<>(asked, Authority.MAKER, "manual, ch. 4, p. 12");
        var nutCase = new NutCase(
                thread(SpindleThread.UNS_1_14), ONE_HOLE, NutReading.atZeroPlay(1, Turn.ofDegrees(-8)), makers, null);

        assertThat(nutCase.advice())
                .isInstanceOfSatisfying(
                        Advice.Take.class,
                        take -> assertThat(take.stop().backOff()).isEqualTo(Turn.ofDegrees(-8)));
    }

    @ParameterizedTest
    @CsvSource({"WORKSHOP", "COMMON_PRACTICE"})
    void refusesPreloadFromAnyoneElse(Authority authority) {
        var asked = new EndPlayWindow(Length.ofMillimetres(-0.06), Length.ofMillimetres(0.02));
        var figure = new GoverningFigure<>(asked, authority, "our rule");

        assertThatThrownBy(() -> new NutCase(
                        thread(SpindleThread.UNS_1_14), ONE_HOLE, NutReading.atZeroPlay(1, Turn.ZERO), figure, null))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("only a maker's figure");
    }

    @ParameterizedTest
    @CsvSource({"361", "-361"})
    void refusesASlotMoreThanATurnAway(int degrees) {
        assertThatThrownBy(() -> NutReading.atZeroPlay(1, Turn.ofDegrees(degrees)))
                .isInstanceOf(OutOfRangeException.class);
    }

    @ParameterizedTest
    @CsvSource({"-0.001", "1.001"})
    void refusesAnEndPlayNoHubShows(double millimetres) {
        assertThatThrownBy(() -> new NutReading(1, Turn.ZERO, Length.ofMillimetres(millimetres)))
                .isInstanceOf(OutOfRangeException.class);
    }

    @ParameterizedTest
    @CsvSource({"0.49", "25.1"})
    void refusesAWasherNobodyMakes(double millimetres) {
        assertThatThrownBy(() -> new NutCase(
                        thread(SpindleThread.UNS_1_14),
                        ONE_HOLE,
                        NutReading.atZeroPlay(1, Turn.ZERO),
                        COMMON,
                        Length.ofMillimetres(millimetres)))
                .isInstanceOf(OutOfRangeException.class);
    }

    @ParameterizedTest
    @EnumSource
    void stopsAnywhereOnAFreeAngleLock(FreeAngleLock lock) {
        var nutCase =
                new NutCase(thread(SpindleThread.UNS_1_14), lock, NutReading.atZeroPlay(1, Turn.ZERO), COMMON, null);

        assertThat(nutCase.stops()).isEmpty();
        assertThat(nutCase.advice()).isInstanceOfSatisfying(Advice.AnyAngle.class, any -> {
            assertThat(any.fromDegrees()).isCloseTo(5.04, within(1e-9)); // 5.04° per thou on this thread
            assertThat(any.toDegrees()).isCloseTo(25.2, within(1e-9));
            assertThat(any.suggestedDegrees()).isCloseTo(15.12, within(1e-9));
            assertThat(any.measureAgain()).isEqualTo(lock == FreeAngleLock.TWO_NUTS);
        });
    }

    @Test
    void stopsRiseAndCoverOneTurnFromZeroPlay() {
        var random = new Random(3);
        for (int draw = 0; draw < 300; draw++) {
            SpindleThread of = List.of(SpindleThread.values()).get(draw % SpindleThread.values().length);
            SteppedLock lock = draw % 2 == 0 ? TWO_HOLES : new SeatedRetainer(8, 6, List.of(Turn.ZERO));
            var reading = new NutReading(
                    1,
                    Turn.of(random.nextInt(-720, 720), 720),
                    draw % 3 == 0 ? Length.ofMillimetres(random.nextDouble()) : Length.ZERO);
            List<Stop> stops = new NutCase(thread(of), lock, reading, COMMON, null).stops();

            assertThat(stops).isSortedAccordingTo((a, b) -> a.endPlay().compareTo(b.endPlay()));
            assertThat(stops).doesNotHaveDuplicates();
            assertThat(stops.stream().filter(s -> s.endPlay().isNegative())).hasSizeLessThanOrEqualTo(1);
            assertThat(stops.stream().filter(s -> !s.endPlay().isNegative()).count())
                    .isBetween((long) lock.positions().size(), lock.positions().size() + 1L);
        }
    }

    @Test
    void oneHoleCastleNutsStopEveryGcdStep() {
        for (int slots = 4; slots <= 20; slots += 2) {
            List<Stop> stops = on(SpindleThread.M20_1_5, new CastleNut(slots, List.of(Turn.ZERO)), 5)
                    .stops();
            for (int i = 1; i < stops.size(); i++) {
                assertThat(stops.get(i).backOff().minus(stops.get(i - 1).backOff()))
                        .isEqualTo(Turn.greatestCommonDivisor(Turn.of(1, slots), Turn.HALF));
            }
        }
    }

    /**
     * Share of random zero plays from which some stop falls in 1 to 5 thou: min(1, 4 thou / step travel). Recomputed;
     * here counted over every tenth of a degree of slot position.
     */
    @ParameterizedTest
    @CsvSource({
        "UNF_3_4_16, 1, .384", "UNF_3_4_16, 2, .768", "UNEF_3_4_20, 1, .480", "UNEF_3_4_20, 2, .960",
        "UNS_1_14, 1, .336", "UNS_1_14, 2, .672", "UNF_1_12, 1, .288", "UNF_1_12, 2, .576",
        "M24_1_5, 1, .406", "M24_1_5, 2, .813", "M24_2, 1, .305", "M24_2, 2, .610",
    })
    void matchesTheChanceOfAGoodSlot(SpindleThread of, int holes, double share) {
        SteppedLock lock = holes == 1 ? ONE_HOLE : TWO_HOLES;
        long good = 0;
        for (int tenths = 0; tenths < 600; tenths++) {
            var reading = NutReading.atZeroPlay(1, Turn.of(tenths, 3600));
            if (new NutCase(thread(of), lock, reading, COMMON, null).advice() instanceof Advice.Take) {
                good++;
            }
        }
        assertThat(good / 600.0).isCloseTo(share, within(0.004)); // two edges of a tenth of a degree in 60°, or 30°
    }

    /** The ends of each range are taken: a turn away either way, a millimetre of play, the thinnest and the thickest washer. */
    @Test
    void takesTheEndsOfItsRanges() {
        assertThat(NutReading.atZeroPlay(1, Turn.FULL).looser()).isEqualTo(Turn.FULL);
        assertThat(NutReading.atZeroPlay(1, Turn.FULL.negate()).looser()).isEqualTo(Turn.FULL.negate());
        assertThat(new NutReading(1, Turn.ZERO, Length.ofMillimetres(1)).endPlay())
                .isEqualTo(Length.ofMillimetres(1));
        for (double washer : new double[] {0.5, 25}) {
            assertThat(twoNuts(Length.ofMillimetres(0.5), Length.ofMillimetres(washer))
                            .washerThickness())
                    .isEqualTo(Length.ofMillimetres(washer));
        }
        assertThatThrownBy(() -> twoNuts(Length.ofMillimetres(0.501), null)).hasMessageContaining("locking takes");
        assertThatThrownBy(() -> twoNuts(Length.ofMillimetres(-0.001), null)).hasMessageContaining("locking takes");
    }

    private static NutCase twoNuts(Length takes, @Nullable Length washer) {
        return new NutCase(
                thread(SpindleThread.UNS_1_14),
                FreeAngleLock.TWO_NUTS,
                NutReading.atZeroPlay(1, Turn.ZERO),
                COMMON,
                washer,
                takes);
    }

    /** One stop tighter than zero play is shown so that it can be refused, and no more; up to one turn looser. */
    @Test
    void showsOneStopTooTight() {
        for (int degrees = 0; degrees < 60; degrees++) {
            List<Stop> stops = on(SpindleThread.UNS_1_14, ONE_HOLE, degrees).stops();

            assertThat(stops.stream().filter(stop -> stop.endPlay().isNegative()))
                    .hasSize(1);
            assertThat(stops.getLast().endPlay())
                    .isLessThanOrEqualTo(thread(SpindleThread.UNS_1_14).pitch());
            assertThat(stops.getLast().backOff().degrees()).isBetween(300.0, 360.0);
        }
    }

    /** Every fifth thou is written, every tenth of a millimetre, and no other. */
    @Test
    void labelsTheRim() {
        RimScale rim = RimScale.of(on(SpindleThread.UNS_1_14, ONE_HOLE, 17));

        assertThat(rim.thousandths())
                .allSatisfy(tick -> assertThat(tick.labelled()).isEqualTo(tick.number() % 5 == 0))
                .extracting(RimScale.Tick::number)
                .startsWith(0.0, 1.0, 2.0);
        assertThat(rim.millimetres().stream().filter(RimScale.Tick::labelled).map(RimScale.Tick::number))
                .startsWith(0.0, 0.1, 0.2, 0.3);
        // M24×2 moves 2/3 mm in a third of a turn: 0.65 mm is written, 0.70 is not
        assertThat(RimScale.of(on(SpindleThread.M24_2, ONE_HOLE, 17))
                        .millimetres()
                        .getLast()
                        .number())
                .isEqualTo(0.65);
        // a pitch of 1.5 mm has moved just 0.5 mm there
        assertThat(RimScale.of(on(SpindleThread.M24_1_5, ONE_HOLE, 17))
                        .millimetres()
                        .getLast()
                        .number())
                .isEqualTo(0.5);
    }

    @Test
    void writesTheRimInBothUnits() {
        RimScale rim = RimScale.of(on(SpindleThread.UNS_1_14, ONE_HOLE, 17));

        assertThat(rim.thousandths().get(5).degrees()).isCloseTo(5 * 5.04, within(1e-9));
        assertThat(rim.millimetres().get(2).number()).isEqualTo(0.1);
        assertThat(rim.millimetres().get(2).degrees()).isCloseTo(0.1 / 1.8142857 * 360, within(1e-5));
        assertThat(rim.millimetres().getLast().degrees()).isBetween(100.0, 120.0);
        assertThat(rim.thousandths().stream().filter(RimScale.Tick::labelled))
                .allSatisfy(tick -> assertThat(tick.number() % 5).isZero());
    }

    /** Two nuts: what locking takes is left beforehand; 1-14, 5.0397 µm a degree. */
    @Test
    void leavesWhatLockingWillTake() {
        Length takes = Length.ofThousandths(4);
        var nutCase = new NutCase(
                thread(SpindleThread.UNS_1_14),
                FreeAngleLock.TWO_NUTS,
                NutReading.atZeroPlay(1, Turn.ZERO),
                COMMON,
                null,
                takes);

        assertThat(nutCase.advice()).isInstanceOfSatisfying(Advice.AnyAngle.class, any -> {
            assertThat(any.fromDegrees()).isCloseTo(5 * 5.04, within(0.01));
            assertThat(any.toDegrees()).isCloseTo(9 * 5.04, within(0.01));
            assertThat(any.measureAgain()).isTrue();
        });
        Turn back = Turn.ofDegrees(36);
        assertThat(nutCase.endPlayAt(back).minus(nutCase.lockedEndPlayAt(back)).thousandths())
                .isCloseTo(4, within(1e-9));
        assertThat(new NutCase(
                                thread(SpindleThread.UNS_1_14),
                                ONE_HOLE,
                                NutReading.atZeroPlay(1, Turn.ZERO),
                                COMMON,
                                null,
                                takes)
                        .lockingTakesUp())
                .as("a cotter takes nothing")
                .isEqualTo(Length.ZERO);
    }

    private static NutCase on(SpindleThread of, SteppedLock lock, int slotAwayDegrees) {
        return new NutCase(thread(of), lock, NutReading.atZeroPlay(1, Turn.ofDegrees(slotAwayDegrees)), COMMON, null);
    }

    private static ScrewThread thread(SpindleThread of) {
        return of.cut(ThreadHand.RIGHT);
    }

    private static Stop firstLooser(NutCase nutCase) {
        return nutCase.stops().stream()
                .filter(stop -> !stop.backOff().isNegative())
                .findFirst()
                .orElseThrow();
    }

    private static List<Double> degreesOf(List<Stop> stops) {
        return new ArrayList<>(
                stops.stream().map(stop -> stop.backOff().degrees()).toList());
    }
}
