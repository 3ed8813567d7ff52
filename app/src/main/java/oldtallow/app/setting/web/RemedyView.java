package oldtallow.app.setting.web;

import oldtallow.app.setting.web.NutCalculationView.StopView;
import oldtallow.app.units.LengthView;
import oldtallow.core.quantity.Length;
import oldtallow.core.setting.nut.Remedy;
import org.jspecify.annotations.Nullable;

/**
 * One thing to try where no stop is good; which fields are there depends on the kind.
 *
 * @param stop the one that would then fall inside
 * @param least smallest change: of zero play, or of washer thickness
 * @param most largest change of washer thickness
 * @param degrees change of zero play as an angle, or the widest step of a retainer
 * @param thinnest resulting washer, where the fitted one is known
 * @param travel end play over the widest step of the retainer
 * @param always whether the retainer has a stop inside wherever zero play comes out
 */
record RemedyView(
        Kind kind,
        @Nullable StopView stop,
        @Nullable LengthView least,
        @Nullable LengthView most,
        @Nullable Double degrees,
        @Nullable LengthView thinnest,
        @Nullable LengthView thickest,
        @Nullable Integer slots,
        @Nullable Integer seats,
        @Nullable LengthView travel,
        @Nullable Boolean always) {

    enum Kind {
        ZERO_LOOSER,
        ZERO_TIGHTER,
        THICKER_WASHER,
        THINNER_WASHER,
        TURN_WASHER_OVER,
        FINER_RETAINER
    }

    static RemedyView of(Remedy remedy) {
        return switch (remedy) {
            case Remedy.TakeZeroAgain again ->
                new RemedyView(
                        again.looser() ? Kind.ZERO_LOOSER : Kind.ZERO_TIGHTER,
                        StopView.of(again.stop()),
                        LengthView.of(again.shift()),
                        null,
                        again.degrees(),
                        null,
                        null,
                        null,
                        null,
                        null,
                        null);
            case Remedy.OtherWasher washer ->
                new RemedyView(
                        washer.thicker() ? Kind.THICKER_WASHER : Kind.THINNER_WASHER,
                        StopView.of(washer.stop()),
                        LengthView.of(washer.leastChange()),
                        LengthView.of(washer.mostChange()),
                        null,
                        view(washer.thinnest()),
                        view(washer.thickest()),
                        null,
                        null,
                        null,
                        null);
            case Remedy.TurnWasherOver over ->
                new RemedyView(
                        Kind.TURN_WASHER_OVER,
                        StopView.of(over.stop()),
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null);
            case Remedy.FinerRetainer finer ->
                new RemedyView(
                        Kind.FINER_RETAINER,
                        null,
                        null,
                        null,
                        finer.largestGap().degrees(),
                        null,
                        null,
                        finer.retainer().slots(),
                        finer.retainer().seats(),
                        LengthView.of(finer.travel()),
                        finer.alwaysInside());
        };
    }

    private static @Nullable LengthView view(@Nullable Length length) {
        return length == null ? null : LengthView.of(length);
    }
}
