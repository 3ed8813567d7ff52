package oldtallow.app.job.web.reckon;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.app.register.api.Catalogue;
import oldtallow.app.units.ForceView;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.LengthView;
import oldtallow.app.units.TemperatureView;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.RollerGeometry;
import oldtallow.core.bearing.identify.SizeGauge;
import oldtallow.core.fit.ConeFit;
import oldtallow.core.fit.CupFit;
import oldtallow.core.fit.HoleClass;
import oldtallow.core.fit.HubMaterial;
import oldtallow.core.fit.PressFit;
import oldtallow.core.fit.SizeRange;
import oldtallow.core.fit.WarmAndChill;
import oldtallow.core.fit.WarmAndChill.CupMass;
import oldtallow.core.fit.WarmAndChill.HubState;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Temperature;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/reckon")
class FitController {

    /** Where no set is chosen: a cup's mean inside and width beside its outside diameter; usual on light sets. */
    private static final double INSIDE_OF_OUTSIDE = 0.84;

    private static final double WIDTH_OF_OUTSIDE = 0.2;

    private final Catalogue catalogue;
    private final AskedSet sets;

    FitController(Catalogue catalogue, AskedSet sets) {
        this.catalogue = catalogue;
        this.sets = sets;
    }

    /** What can be chosen. */
    @GetMapping("/fits")
    FitReferenceView reference() {
        return new FitReferenceView(
                Stream.of(HubMaterial.values())
                        .map(one -> new HubMaterialView(one, one.words()))
                        .toList(),
                Stream.of(HubState.values())
                        .map(one -> new HubStateView(one, one.words(), TemperatureView.ofCelsius(one.mostCelsius())))
                        .toList(),
                List.of(HoleClass.values()),
                catalogue.sets().stream()
                        .map(set -> new FitSetView(
                                set.designation().toString(),
                                LengthView.of(set.outsideDiameter()),
                                LengthView.of(set.bore())))
                        .toList());
    }

    record FitReferenceView(
            List<HubMaterialView> hubs,
            List<HubStateView> hubStates,
            List<HoleClass> boreClasses,
            List<FitSetView> sets) {}

    record HubMaterialView(HubMaterial id, String words) {}

    record HubStateView(HubState id, String words, TemperatureView limit) {}

    record FitSetView(String designation, LengthView cupOutside, LengthView coneBore) {}

    /** How a cup sits in its bore, and what warming and chilling do. */
    @PostMapping("/cup-fit")
    CupFitView cupFit(@RequestBody CupFitForm form) {
        var errors = new FieldErrors();
        @Nullable BearingSet set = sets.find(form.set(), errors);
        @Nullable SizeRange cup = form.cupRange(set, errors);
        @Nullable SizeRange bore = form.boreRange(set, errors);
        @Nullable Temperature hubNow = form.hubNow(errors);
        @Nullable Temperature cupNow = form.cupNow(errors);
        errors.throwIfAny();
        SizeRange outside = Objects.requireNonNull(cup);
        CupMass mass = mass(set, outside.middle());
        CupFit fit = errors.require(errors.at(
                "cup.number",
                Map.of(
                        EnteredQuantity.CUP_BORE_OF_HUB, "bore.number",
                        EnteredQuantity.HUB_OUTSIDE_CUP, "hubOutside.number",
                        EnteredQuantity.LOAD_ON_BEARING, "load.number"),
                () -> CupFit.of(
                        form.hub(),
                        outside,
                        Objects.requireNonNull(bore),
                        new CupFit.Seat(
                                mass.inside(),
                                form.hubOutside().toLength(),
                                mass.width(),
                                form.loadOn(outside.middle())))));
        Optional<PressFit> press = fit.pressFit();
        CupFit.Verdict verdict = fit.verdict();
        CupFit.Way way = CupFit.way(press);
        return new CupFitView(
                verdict,
                verdict.words(),
                fit.isOpen(),
                LengthView.of(fit.interference()),
                LengthView.of(fit.least()),
                LengthView.of(fit.most()),
                LengthView.of(fit.needs()),
                ForceView.of(fit.seat().load()),
                press.map(CupFitView.PressedView::of).orElse(null),
                way,
                way.words(),
                fit.looseAtCelsius().map(TemperatureView::ofCelsius).orElse(null),
                fit.wouldFit(catalogue.sets()).stream()
                        .map(one -> one.designation().toString())
                        .toList(),
                verdict == CupFit.Verdict.WRONG_CUP
                                || press.isEmpty()
                                || fit.most().millimetres() <= 0
                                || !WarmAndChill.works(fit.most())
                        ? null
                        : warm(fit, form.hubState(), mass, hubNow, cupNow));
    }

    private static CupFitView.@Nullable WarmView warm(
            CupFit fit, HubState state, CupMass mass, @Nullable Temperature hub, @Nullable Temperature cold) {
        // the tightest it may be: a cup that catches half-way is out again the hard way
        var warming = new WarmAndChill(fit.hub(), fit.bore().middle(), fit.most());
        if (hub == null || cold == null) {
            return CupFitView.WarmView.of(warming, state, mass, null);
        }
        var errors = new FieldErrors();
        CupFitView.NowView now = errors.require(errors.at(
                "hubTemperature.number",
                Map.of(EnteredQuantity.CUP_TEMPERATURE, "cupTemperature.number"),
                () -> CupFitView.NowView.of(warming, hub, cold, mass)));
        if (hub.celsius() > state.mostCelsius()) {
            errors.add(
                    "hubTemperature.number",
                    hub.celsius() + " °C",
                    "must be " + state.mostCelsius() + " °C at most here: " + state.why());
        }
        errors.throwIfAny();
        return CupFitView.WarmView.of(warming, state, mass, now);
    }

    /** How a cone goes on its seat. */
    @PostMapping("/cone-fit")
    ConeFitView coneFit(@RequestBody ConeFitForm form) {
        var errors = new FieldErrors();
        @Nullable BearingSet set = sets.find(form.set(), errors);
        @Nullable SizeRange bore = null;
        if (form.bore() != null) {
            LengthEntry entered = form.bore();
            bore = errors.at("bore.number", () -> SizeRange.measured(entered.toLength(), form.instrument()));
        } else if (set != null) {
            bore = SizeRange.newCone(set.bore(), set.series());
        } else {
            errors.add("bore", null, "is missing; measure the cone, or choose its set");
        }
        @Nullable
        SizeRange seat =
                errors.at("seat.number", () -> SizeRange.measured(form.seat().toLength(), form.instrument()));
        errors.throwIfAny();
        SizeRange cone = Objects.requireNonNull(bore);
        ConeFit fit = errors.require(errors.at("seat.number", () -> ConeFit.of(cone, Objects.requireNonNull(seat))));
        return new ConeFitView(
                fit.verdict(),
                fit.verdict().words(),
                fit.isOpen(),
                LengthView.of(fit.clearance()),
                LengthView.of(fit.least()),
                LengthView.of(fit.most()));
    }

    /** {@code bore} left out: a new cone of {@code set}. */
    record ConeFitForm(@Nullable String set, @Nullable LengthEntry bore, LengthEntry seat, SizeGauge instrument) {}

    /** {@code clearance} below zero is tight. */
    record ConeFitView(
            ConeFit.Verdict verdict,
            String words,
            boolean open,
            LengthView clearance,
            LengthView least,
            LengthView most) {}

    private static CupMass mass(@Nullable BearingSet set, Length outside) {
        if (set == null) {
            return new CupMass(outside, outside.times(INSIDE_OF_OUTSIDE), outside.times(WIDTH_OF_OUTSIDE));
        }
        var inside = RollerGeometry.of(set);
        double middle = set.width().minus(set.cupWidth().times(0.5)).millimetres();
        return new CupMass(
                outside, Length.ofMillimetres(2 * inside.radiusAt(inside.raceAngle(), middle)), set.cupWidth());
    }
}
