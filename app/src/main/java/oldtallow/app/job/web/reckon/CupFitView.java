package oldtallow.app.job.web.reckon;

import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import oldtallow.app.units.ForceView;
import oldtallow.app.units.LengthView;
import oldtallow.app.units.TemperatureView;
import oldtallow.core.fit.CupFit;
import oldtallow.core.fit.PressFit;
import oldtallow.core.fit.WarmAndChill;
import oldtallow.core.fit.WarmAndChill.Cold;
import oldtallow.core.fit.WarmAndChill.CupMass;
import oldtallow.core.fit.WarmAndChill.HubState;
import oldtallow.core.quantity.Temperature;
import org.jspecify.annotations.Nullable;

/**
 * How a cup sits, how it is got home, and what warming does.
 *
 * @param interference below zero the cup is loose
 * @param open whether the doubt of the readings leaves the verdict open
 * @param needs least interference that holds the cup under {@code load}, warm
 * @param load on the bearing, as entered or as usual for its size
 * @param pressed null for a loose cup
 * @param looseAt hub temperature at which the fit is gone
 * @param wouldFit sets whose cup would sit right in this bore
 * @param warm null for a loose cup and for one that is no cup of this bore
 */
record CupFitView(
        CupFit.Verdict verdict,
        String verdictWords,
        boolean open,
        LengthView interference,
        LengthView least,
        LengthView most,
        LengthView needs,
        ForceView load,
        @Nullable PressedView pressed,
        CupFit.Way way,
        String wayWords,
        @Nullable TemperatureView looseAt,
        List<String> wouldFit,
        @Nullable WarmView warm) {

    /** Pressure and stress in MPa; {@code hoopLimit} is guidance. */
    record PressedView(
            double pressureMegapascals,
            double hoopMegapascals,
            double hoopLimitMegapascals,
            ForceView force,
            LengthView raceShrinks) {

        static PressedView of(PressFit fit) {
            return new PressedView(
                    fit.pressure(),
                    fit.hoopStress(),
                    fit.hub().hoopLimit(),
                    ForceView.of(fit.force()),
                    LengthView.of(fit.raceShrinks()));
        }
    }

    /**
     * Warm hub, cold cup.
     *
     * @param limit how warm the hub may get, and why
     * @param dropIn clearance a cup needs to drop in
     * @param now at the temperatures entered; null without them
     */
    record WarmView(
            TemperatureView limit,
            String limitWhy,
            LengthView dropIn,
            List<ColdView> colds,
            @Nullable NowView now) {

        private static final int STEP = 5;

        static WarmView of(WarmAndChill fit, HubState state, CupMass cup, @Nullable NowView now) {
            return new WarmView(
                    TemperatureView.ofCelsius(state.mostCelsius()),
                    state.why(),
                    LengthView.of(WarmAndChill.DROP_IN),
                    Stream.of(Cold.values())
                            .map(cold -> ColdView.of(fit, cold, state, cup))
                            .toList(),
                    now);
        }

        static List<WarmPointView> points(WarmAndChill fit, Cold cold) {
            return DoubleStream.iterate(WarmAndChill.ROOM, hub -> hub <= HubState.BARE.mostCelsius(), hub -> hub + STEP)
                    .mapToObj(hub -> new WarmPointView(
                            hub, fit.clearance(hub, cold.celsius()).millimetres()))
                    .toList();
        }
    }

    /**
     * A cup that cold.
     *
     * @param dropsInAt hub temperature from which it drops in
     * @param withinLimit whether the hub may get that warm
     * @param secondsLeft with the hub at its limit; null where the cup need not hurry, or never drops in
     */
    record ColdView(
            Cold cold,
            String words,
            TemperatureView cup,
            TemperatureView dropsInAt,
            boolean withinLimit,
            @Nullable Double secondsLeft,
            List<WarmPointView> points) {

        static ColdView of(WarmAndChill fit, Cold cold, HubState state, CupMass cup) {
            double dropsIn = fit.hubForDropIn(cold.celsius());
            boolean within = dropsIn <= state.mostCelsius();
            return new ColdView(
                    cold,
                    cold.words(),
                    TemperatureView.ofCelsius(cold.celsius()),
                    TemperatureView.ofCelsius(dropsIn),
                    within,
                    within
                            ? fit.secondsLeft(state.mostCelsius(), cold.celsius(), cup)
                                    .orElse(null)
                            : null,
                    WarmView.points(fit, cold));
        }
    }

    /** Clearance with the hub at a temperature. */
    record WarmPointView(double hubCelsius, double clearanceMillimetres) {}

    /** As warm and cold as they are now; {@code secondsLeft} is null where the cup need not hurry. */
    record NowView(
            LengthView clearance, boolean dropsIn, @Nullable Double secondsLeft) {

        static NowView of(WarmAndChill fit, Temperature hub, Temperature cold, CupMass cup) {
            var clearance = fit.clearance(hub.celsius(), cold.celsius());
            return new NowView(
                    LengthView.of(clearance),
                    clearance.compareTo(WarmAndChill.DROP_IN) >= 0,
                    fit.secondsLeft(hub.celsius(), cold.celsius(), cup).orElse(null));
        }
    }
}
