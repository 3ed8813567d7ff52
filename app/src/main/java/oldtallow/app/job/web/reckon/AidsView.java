package oldtallow.app.job.web.reckon;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import oldtallow.app.job.api.WheelEndAids.Aids;
import oldtallow.app.job.api.WheelEndAids.Grease;
import oldtallow.app.job.api.WheelEndAids.OnShelf;
import oldtallow.app.job.api.WheelEndAids.Race;
import oldtallow.app.job.api.WheelEndAids.SealPlace;
import oldtallow.app.register.model.GreaseFill;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.app.units.LengthView;
import oldtallow.app.units.RangeView;
import oldtallow.app.units.TemperatureView;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.identify.SizeGauge;
import oldtallow.core.fit.CupDriver;
import oldtallow.core.fit.CupFit;
import oldtallow.core.fit.HubMaterial;
import oldtallow.core.fit.SizeRange;
import oldtallow.core.fit.WarmAndChill;
import oldtallow.core.fit.WarmAndChill.Cold;
import oldtallow.core.fit.WarmAndChill.HubState;
import oldtallow.core.fit.seal.CapFit;
import oldtallow.core.grease.Demand;
import oldtallow.core.grease.Thickener;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.quantity.Length;
import org.jspecify.annotations.Nullable;

/**
 * What is worked out for a wheel end.
 *
 * @param bearingsKnown false where usual sets stand in for those nobody has read yet
 * @param limits of a bare hub, and of one still greasy
 * @param seal null where its sizes make none
 * @param capLeast and {@code capMost}: outside diameter of the cap to ask for
 * @param grease null on an oil bath
 */
record AidsView(
        boolean bearingsKnown,
        RaceAidView inboard,
        RaceAidView outboard,
        List<WarmAidView> warm,
        List<HubLimitView> limits,
        @Nullable SealAidView seal,
        LengthView capLeast,
        LengthView capMost,
        @Nullable GreaseAidView grease) {

    static AidsView of(Aids aids) {
        WheelEndShape shape = aids.shape();
        Length capBore = Length.ofMillimetres(shape.size(HubDimension.CAP_BORE));
        return new AidsView(
                shape.bearingsKnown(),
                RaceAidView.of(aids.inboard(), aids.tools()),
                RaceAidView.of(aids.outboard(), aids.tools()),
                WarmAidView.all(aids.inboard().set(), aids.outboard().set()),
                Stream.of(HubState.BARE, HubState.GREASY).map(HubLimitView::of).toList(),
                aids.seal().map(seal -> SealAidView.of(seal, aids.tools())).orElse(null),
                LengthView.of(CapFit.wanted(capBore).least()),
                LengthView.of(CapFit.wanted(capBore).most()),
                aids.grease()
                        .map(grease -> GreaseAidView.of(grease, shape.fittings().cavity()))
                        .orElse(null));
    }

    /**
     * A cup, what drives it, and how warm its hub has to be.
     *
     * @param bore as measured; null where nobody did
     * @param grindOff of an old cup's outside, on diameter, so that it drives and does not stick; null without a bore
     */
    record RaceAidView(
            String set,
            String cup,
            LengthView cupOutside,
            LengthView driverLeast,
            LengthView driverMost,
            List<OwnToolView> own,
            List<NearTwinView> nearTwins,
            @Nullable LengthView bore,
            @Nullable LengthView grindOff,
            LengthView hubOutside) {

        static RaceAidView of(Race race, List<WorkshopTool> tools) {
            return new RaceAidView(
                    race.set().designation().toString(),
                    race.set().designation().cup(),
                    LengthView.of(race.set().outsideDiameter()),
                    LengthView.of(race.driver().leastOutside()),
                    LengthView.of(race.driver().mostOutside()),
                    RaceController.own(tools, race.driver()),
                    race.nearTwins().stream()
                            .map(twin -> NearTwinView.of(twin, race.set()))
                            .toList(),
                    race.bore().map(LengthView::of).orElse(null),
                    race.bore()
                            .map(bore -> LengthView.of(CupDriver.grindOff(
                                    SizeRange.newCup(
                                            race.set().outsideDiameter(),
                                            race.set().series()),
                                    SizeRange.measured(bore, SizeGauge.MICROMETER))))
                            .orElse(null),
                    LengthView.of(race.hubOutside()));
        }
    }

    /** {@code larger} by so much than the right one, smaller below zero. */
    record NearTwinView(String cup, LengthView larger) {

        static NearTwinView of(BearingSet twin, BearingSet right) {
            return new NearTwinView(
                    twin.designation().cup(),
                    LengthView.of(twin.outsideDiameter().minus(right.outsideDiameter())));
        }
    }

    /**
     * Hub temperature from which both cups, that cold, drop in at the tightest fit that is usual.
     *
     * @param possible whether a bare hub may be that warm
     */
    record WarmAidView(String hub, String cold, TemperatureView from, boolean possible) {

        /** Every hub by every way of chilling. */
        static List<WarmAidView> all(BearingSet inboard, BearingSet outboard) {
            return Arrays.stream(HubMaterial.values())
                    .flatMap(hub -> Stream.of(Cold.values()).map(cold -> of(hub, cold, inboard, outboard)))
                    .toList();
        }

        private static WarmAidView of(HubMaterial hub, Cold cold, BearingSet inboard, BearingSet outboard) {
            double from = Math.max(from(hub, cold, inboard), from(hub, cold, outboard));
            return new WarmAidView(
                    hub.words(), cold.words(), TemperatureView.ofCelsius(from), from <= HubState.BARE.mostCelsius());
        }

        private static double from(HubMaterial hub, Cold cold, BearingSet set) {
            Length joint = set.outsideDiameter();
            return new WarmAndChill(hub, joint, CupFit.tightestUsual(hub, joint)).hubForDropIn(cold.celsius());
        }
    }

    /** How warm a hub may get as it is. */
    record HubLimitView(String state, TemperatureView most) {

        static HubLimitView of(HubState state) {
            return new HubLimitView(state.words(), TemperatureView.ofCelsius(state.mostCelsius()));
        }
    }

    record SealAidView(SealView seal, boolean assumed) {

        static SealAidView of(SealPlace place, List<WorkshopTool> tools) {
            return new SealAidView(SealView.of(place.size(), place.type(), tools), place.assumed());
        }
    }

    /**
     * Grease.
     *
     * @param fill of the hub's hollow, by its own practice
     * @param inIt null where nobody ever wrote it down
     * @param gun null for a usual one
     * @param stroke of it, cm³
     * @param tins the best first
     */
    record GreaseAidView(
            boolean dunked,
            boolean heavy,
            CavityFill fill,
            List<Demand.Want> wants,
            @Nullable InItView inIt,
            List<PlaceView> places,
            RangeView grams,
            @Nullable String gun,
            double stroke,
            List<TinAidView> tins) {

        static GreaseAidView of(Grease grease, CavityFill fill) {
            return new GreaseAidView(
                    grease.demand().dunked(),
                    grease.demand().heavy(),
                    fill,
                    grease.demand().wants(),
                    grease.inIt().map(InItView::of).orElse(null),
                    PlaceView.all(grease.filling(), grease.stroke()),
                    PlaceView.range(grease.filling().total().grams()),
                    grease.gun().map(WorkshopTool::name).orElse(null),
                    grease.stroke(),
                    grease.tins().stream().map(TinAidView::of).toList());
        }
    }

    /** {@code known} is false where it was filled and nobody wrote down with what. */
    record InItView(String name, String thickenerWords, boolean known, Instant at) {

        static InItView of(GreaseFill fill) {
            return new InItView(
                    fill.grease().name(),
                    fill.grease().thickener().words(),
                    fill.grease().known(),
                    fill.at());
        }
    }

    /** A grease of the shelf; {@code batch} is the one to take first, null where none is there. */
    record TinAidView(
            String name,
            Thickener thickener,
            String thickenerWords,
            String code,
            int good,
            @Nullable String batch,
            MeetingView meets,
            List<String> misfits) {

        static TinAidView of(OnShelf one) {
            return new TinAidView(
                    one.name(),
                    one.tin().thickener(),
                    one.tin().thickener().words(),
                    one.tin().code(),
                    one.good(),
                    one.batch().orElse(null),
                    MeetingView.of(one.meets()),
                    one.misfits());
        }
    }
}
