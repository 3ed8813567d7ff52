package oldtallow.app.setting.web;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import oldtallow.app.units.LengthView;
import oldtallow.app.units.form.TorqueQuestionView;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.measure.AngleReading;
import oldtallow.core.setting.nut.Advice;
import oldtallow.core.setting.nut.NutCase;
import oldtallow.core.setting.nut.RimScale;
import oldtallow.core.setting.nut.Stop;
import org.jspecify.annotations.Nullable;

/**
 * A nut worked out. All degrees are of the nut from where it stands, positive looser.
 *
 * @param zeroPlayDegrees where zero play is: 0, or negative when the nut stands loose with a measured end play
 * @param stops tightest first
 * @param chosen what the back-off asked about leaves; on a lock that holds anywhere, without one, the suggested one
 * @param byEye by how much end play an angle read by eye is uncertain
 * @param torque doubt about the final torque, if there is one
 */
record NutCalculationView(
        WindowView window,
        double zeroPlayDegrees,
        List<StopView> stops,
        AdviceView advice,
        @Nullable ChosenView chosen,
        LengthView travelPerTurn,
        RimScale rim,
        LengthView byEye,
        @Nullable TorqueQuestionView torque) {

    static NutCalculationView of(NutCase nutCase, @Nullable Turn backOff, @Nullable TorqueQuestionView torque) {
        List<StopView> stops = nutCase.stops().stream().map(StopView::of).toList();
        return new NutCalculationView(
                WindowView.of(nutCase),
                nutCase.degreesTo(Length.ZERO),
                stops,
                AdviceView.of(nutCase.advice()),
                ChosenView.of(nutCase, backOff),
                LengthView.of(nutCase.thread().travel(Turn.FULL)),
                RimScale.of(nutCase),
                LengthView.of(new AngleReading(nutCase.thread(), 0, AngleReading.BY_EYE).uncertainty()),
                torque);
    }

    /**
     * The window that governs, as an arc of the rim and in both units.
     *
     * @param usableDegrees to where it may still be used; null where the window has one grade
     */
    record WindowView(
            LengthView least,
            LengthView most,
            double fromDegrees,
            double toDegrees,
            @Nullable Double usableDegrees,
            Authority authority,
            String source) {

        static WindowView of(NutCase nutCase) {
            GoverningFigure<EndPlayWindow> figure = nutCase.window();
            return new WindowView(
                    LengthView.of(figure.value().least()),
                    LengthView.of(figure.value().most()),
                    nutCase.degreesTo(figure.value().least().plus(nutCase.lockingTakesUp())),
                    nutCase.degreesTo(figure.value().most().plus(nutCase.lockingTakesUp())),
                    figure.value().isGraded()
                            ? nutCase.degreesTo(figure.value().usable().plus(nutCase.lockingTakesUp()))
                            : null,
                    figure.authority(),
                    figure.source());
        }
    }

    /** A lock position of the nut. */
    record StopView(double backOffDegrees, LengthView endPlay, EndPlayVerdict verdict, List<EngagementView> ways) {

        static StopView of(Stop stop) {
            return new StopView(
                    stop.backOff().degrees(),
                    LengthView.of(stop.endPlay()),
                    stop.verdict(),
                    stop.position().engagements().stream()
                            .map(way -> new EngagementView(way.mark(), way.seatShift(), way.turnedOver()))
                            .toList());
        }
    }

    /** A way of fitting the lock: the mark that meets, and how many seats the retainer is turned for it. */
    record EngagementView(int mark, int seatShift, boolean turnedOver) {}

    /**
     * End play at any angle, whether the lock holds there or not.
     *
     * @param endPlay before locking
     * @param locked what is left of it when the lock has taken what it takes
     */
    record ChosenView(double backOffDegrees, LengthView endPlay, LengthView locked, EndPlayVerdict verdict) {

        static @Nullable ChosenView of(NutCase nutCase, @Nullable Turn asked) {
            @Nullable Turn backOff = asked == null ? suggested(nutCase.advice()) : asked;
            return backOff == null ? null : at(nutCase, backOff);
        }

        private static @Nullable Turn suggested(Advice advice) {
            return advice instanceof Advice.AnyAngle any
                    ? Turn.ofDegrees(BigDecimal.valueOf(any.suggestedDegrees()).setScale(3, RoundingMode.HALF_EVEN))
                    : null;
        }

        private static ChosenView at(NutCase nutCase, Turn backOff) {
            Length locked = nutCase.lockedEndPlayAt(backOff);
            return new ChosenView(
                    backOff.degrees(),
                    LengthView.of(nutCase.endPlayAt(backOff)),
                    LengthView.of(locked),
                    nutCase.window().value().judge(locked));
        }
    }

    /** What to do. */
    enum AdviceKind {
        TAKE_STOP,
        /** Usable at the loose end: with what it costs, and remedies to do better. */
        TAKE_USABLE,
        NONE_GOOD,
        ANY_ANGLE
    }

    /**
     * The advice.
     *
     * @param stop to take, with TAKE_STOP and TAKE_USABLE
     * @param remedies with NONE_GOOD and TAKE_USABLE, in the order worth trying
     * @param suggestedDegrees with ANY_ANGLE: the middle of the window
     * @param measureAgain with ANY_ANGLE: locking takes up play, only a reading afterwards counts
     */
    record AdviceView(
            AdviceKind kind,
            @Nullable StopView stop,
            List<RemedyView> remedies,
            @Nullable Double suggestedDegrees,
            boolean measureAgain) {

        static AdviceView of(Advice advice) {
            return switch (advice) {
                case Advice.Take take ->
                    new AdviceView(AdviceKind.TAKE_STOP, StopView.of(take.stop()), List.of(), null, false);
                case Advice.TakeUsable usable ->
                    new AdviceView(
                            AdviceKind.TAKE_USABLE,
                            StopView.of(usable.stop()),
                            usable.remedies().stream().map(RemedyView::of).toList(),
                            null,
                            false);
                case Advice.NoneGood none ->
                    new AdviceView(
                            AdviceKind.NONE_GOOD,
                            null,
                            none.remedies().stream().map(RemedyView::of).toList(),
                            null,
                            false);
                case Advice.AnyAngle any ->
                    new AdviceView(AdviceKind.ANY_ANGLE, null, List.of(), any.suggestedDegrees(), any.measureAgain());
            };
        }
    }
}
