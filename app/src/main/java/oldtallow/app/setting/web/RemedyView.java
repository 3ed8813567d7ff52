package oldtallow.app.setting.web;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import oldtallow.app.setting.web.NutCalculationView.StopView;
import oldtallow.app.units.LengthView;
import oldtallow.core.quantity.Length;
import oldtallow.core.setting.nut.Remedy;
import org.jspecify.annotations.Nullable;

/** One thing to try where no stop is good. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = RemedyView.ZeroAgainView.class, name = "ZERO_AGAIN"),
    @JsonSubTypes.Type(value = RemedyView.OtherWasherView.class, name = "OTHER_WASHER"),
    @JsonSubTypes.Type(value = RemedyView.WasherOverView.class, name = "WASHER_OVER"),
    @JsonSubTypes.Type(value = RemedyView.FinerRetainerView.class, name = "FINER_RETAINER")
})
sealed interface RemedyView {

    static RemedyView of(Remedy remedy) {
        return switch (remedy) {
            case Remedy.TakeZeroAgain again ->
                new ZeroAgainView(
                        again.looser(), StopView.of(again.stop()), LengthView.of(again.shift()), again.degrees());
            case Remedy.OtherWasher washer ->
                new OtherWasherView(
                        washer.thicker(),
                        StopView.of(washer.stop()),
                        LengthView.of(washer.leastChange()),
                        LengthView.of(washer.mostChange()),
                        view(washer.thinnest()),
                        view(washer.thickest()));
            case Remedy.TurnWasherOver over -> new WasherOverView(StopView.of(over.stop()));
            case Remedy.FinerRetainer finer ->
                new FinerRetainerView(
                        finer.retainer().slots(),
                        finer.retainer().seats(),
                        finer.largestGap().degrees(),
                        LengthView.of(finer.travel()),
                        finer.alwaysInside());
        };
    }

    private static @Nullable LengthView view(@Nullable Length length) {
        return length == null ? null : LengthView.of(length);
    }

    /**
     * Zero play taken once more.
     *
     * @param looser whether it would have to come out looser
     * @param stop that would then fall inside
     * @param least by how much it would have to come out otherwise, of end play
     * @param degrees the same as an angle of the nut
     */
    record ZeroAgainView(boolean looser, StopView stop, LengthView least, double degrees) implements RemedyView {}

    /**
     * A washer of another thickness.
     *
     * @param stop that would then fall inside
     * @param least smallest change of thickness
     * @param most largest change of thickness
     * @param thinnest washer that does it; null where nobody measured the fitted one
     * @param thickest likewise
     */
    record OtherWasherView(
            boolean thicker,
            StopView stop,
            LengthView least,
            LengthView most,
            @Nullable LengthView thinnest,
            @Nullable LengthView thickest)
            implements RemedyView {}

    /** The tang washer turned over: its tangs then meet other flats. */
    record WasherOverView(StopView stop) implements RemedyView {}

    /**
     * A retainer that stops more often.
     *
     * @param degrees its widest step
     * @param travel end play over that step
     * @param always whether it has a stop inside wherever zero play comes out
     */
    record FinerRetainerView(int slots, int seats, double degrees, LengthView travel, boolean always)
            implements RemedyView {}
}
