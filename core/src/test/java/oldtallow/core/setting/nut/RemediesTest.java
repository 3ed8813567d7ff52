package oldtallow.core.setting.nut;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.CastleNut;
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
import oldtallow.core.setting.nut.Remedy.FinerRetainer;
import oldtallow.core.setting.nut.Remedy.OtherWasher;
import oldtallow.core.setting.nut.Remedy.TakeZeroAgain;
import oldtallow.core.setting.nut.Remedy.TurnWasherOver;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Arithmetic recomputed by hand from travel = pitch × angle / 360°; the moves themselves are common practice. */
class RemediesTest {

    private static final ScrewThread ONE_FOURTEEN = SpindleThread.UNS_1_14.cut(ThreadHand.RIGHT);
    private static final CastleNut ONE_HOLE = new CastleNut(6, List.of(Turn.ZERO));
    private static final Length FITTED = Length.ofMillimetres(3);

    @Test
    void saysWhichWasher() {
        List<OtherWasher> washers =
                of(OtherWasher.class, slotAt(40, ONE_HOLE, FITTED)).toList();

        // 7.937 thou at the stop 40° back, 5 thou allowed: 2.937 to 6.937 thou thicker
        OtherWasher thicker = washers.getFirst();
        assertThat(thicker.thicker()).isTrue();
        assertThat(thicker.leastChange().thousandths()).isCloseTo(2.937, within(5e-4));
        assertThat(thicker.mostChange().thousandths()).isCloseTo(6.937, within(5e-4));
        assertThat(requireNonNull(thicker.thinnest()).millimetres()).isCloseTo(3 + 0.074587, within(1e-6));
        assertThat(requireNonNull(thicker.thickest()).millimetres()).isCloseTo(3 + 0.176187, within(1e-6));

        // or from the stop 20° tighter, −3.968 thou: 4.968 to 8.968 thou thinner
        OtherWasher thinner = washers.getLast();
        assertThat(thinner.thicker()).isFalse();
        assertThat(thinner.leastChange().thousandths()).isCloseTo(4.968, within(5e-4));
        assertThat(requireNonNull(thinner.thinnest()).millimetres()).isCloseTo(3 - 0.227794, within(1e-6));
    }

    @Test
    void givesTheChangeAloneWhereTheWasherIsUnknown() {
        OtherWasher washer =
                of(OtherWasher.class, slotAt(40, ONE_HOLE, null)).findFirst().orElseThrow();

        assertThat(washer.thinnest()).isNull();
        assertThat(washer.thickest()).isNull();
    }

    /** With a washer thicker by t the nut stands t further out at zero play: the same hub, worked again, must be inside. */
    @Test
    void aWasherOfTheAdvisedThicknessBringsTheStopInside() {
        var random = new Random(5);
        for (int degrees = 26; degrees < 60; degrees++) {
            for (OtherWasher washer :
                    of(OtherWasher.class, slotAt(degrees, ONE_HOLE, FITTED)).toList()) {
                Length change = washer.leastChange()
                        .plus(EndPlayWindow.COMMON_PRACTICE.width().times(random.nextDouble(0.01, 0.99)));
                double shift = ONE_FOURTEEN.degreesFor(change) * (washer.thicker() ? 1 : -1);
                Turn slot = Turn.ofDegrees(degrees).minus(Turn.of(Math.round(shift * 1000), 360_000));
                var again = new NutCase(ONE_FOURTEEN, ONE_HOLE, NutReading.atZeroPlay(1, slot), common(), null);

                assertThat(again.advice())
                        .as("slot at %s°, %s", degrees, washer)
                        .isInstanceOf(Advice.Take.class);
            }
        }
    }

    @Test
    void saysHowFarZeroWouldHaveToMove() {
        TakeZeroAgain again = of(TakeZeroAgain.class, slotAt(27, ONE_HOLE, FITTED))
                .findFirst()
                .orElseThrow();

        // 5 thou is 25.2° on this thread
        assertThat(again.degrees()).isCloseTo(1.8, within(1e-9));
        assertThat(again.looser()).isTrue();
    }

    @Test
    void offersTheCoarsestRetainerThatAlwaysHasAStopInside() {
        FinerRetainer finer =
                of(FinerRetainer.class, slotAt(40, ONE_HOLE, null)).findFirst().orElseThrow();

        // the window is 20.16° wide: 15° from eight slots on a hex nut is the first that always fits
        assertThat(finer.retainer().slots()).isEqualTo(8);
        assertThat(finer.retainer().seats()).isEqualTo(6);
        assertThat(finer.largestGap()).isEqualTo(Turn.ofDegrees(15));
        assertThat(finer.alwaysInside()).isTrue();
    }

    @Test
    void offersTheFinestWhereNoneIsSure() {
        var narrow = new GoverningFigure<>(
                new EndPlayWindow(Length.ofThousandths(1), Length.ofThousandths(1.5)), Authority.MAKER, "manual p. 3");
        var nutCase = new NutCase(ONE_FOURTEEN, ONE_HOLE, NutReading.atZeroPlay(1, Turn.ofDegrees(40)), narrow, null);
        FinerRetainer finer = of(FinerRetainer.class, nutCase).findFirst().orElseThrow();

        assertThat(finer.largestGap()).isEqualTo(Turn.ofDegrees(6));
        assertThat(finer.alwaysInside()).isFalse();
    }

    @Test
    void turnsATangWasherOverFirst() {
        // at zero play a flat stands 40° short of the tang at 15°; turned over, the tang at −15° is 10° away
        var washer = new TangWasher(6, List.of(Turn.ofDegrees(15)));
        NutCase nutCase = slotAt(40, washer, null);

        assertThat(((Advice.NoneGood) nutCase.advice()).remedies().getFirst())
                .isInstanceOfSatisfying(TurnWasherOver.class, over -> {
                    assertThat(over.stop().backOff()).isEqualTo(Turn.ofDegrees(10));
                    assertThat(over.stop().verdict()).isEqualTo(EndPlayVerdict.INSIDE);
                });
        assertThat(of(FinerRetainer.class, nutCase)).isEmpty(); // no cotter hole is known there
    }

    @Test
    void offersNothingFinerThanTheFinest() {
        var finest = new SeatedRetainer(10, 12, List.of(Turn.ZERO));
        var narrow = new GoverningFigure<>(
                new EndPlayWindow(Length.ofThousandths(1), Length.ofThousandths(1.2)), Authority.MAKER, "manual p. 3");
        var nutCase = new NutCase(ONE_FOURTEEN, finest, NutReading.atZeroPlay(1, Turn.ofDegrees(3)), narrow, null);

        assertThat(of(FinerRetainer.class, nutCase)).isEmpty();
        assertThat(of(TakeZeroAgain.class, nutCase)).isNotEmpty();
    }

    private static NutCase slotAt(int degrees, SteppedLock lock, @Nullable Length washer) {
        return new NutCase(ONE_FOURTEEN, lock, NutReading.atZeroPlay(1, Turn.ofDegrees(degrees)), common(), washer);
    }

    private static GoverningFigure<EndPlayWindow> common() {
        return new GoverningFigure<>(EndPlayWindow.COMMON_PRACTICE, Authority.COMMON_PRACTICE, "common practice");
    }

    private static <T extends Remedy> Stream<T> of(Class<T> kind, NutCase nutCase) {
        return ((Advice.NoneGood) nutCase.advice())
                .remedies().stream().filter(kind::isInstance).map(kind::cast);
    }
}
