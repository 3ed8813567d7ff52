package oldtallow.app.job.web.reckon;

import java.util.Map;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.MassEntry;
import oldtallow.app.units.TemperatureEntry;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.identify.SizeGauge;
import oldtallow.core.fit.CupFit;
import oldtallow.core.fit.HoleClass;
import oldtallow.core.fit.HubMaterial;
import oldtallow.core.fit.SizeRange;
import oldtallow.core.fit.WarmAndChill.HubState;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.quantity.Temperature;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;

/**
 * A cup and its bore.
 *
 * @param set by its designation, cone/cup; fills in what was not measured
 * @param cup outside diameter; left out for a new cup of {@code set}, within its tolerance
 * @param bore of the hub; left out where {@code boreClass} stands for it
 * @param load that rests on this bearing; left out for what a bearing of that size usually carries
 * @param hubOutside outside diameter of the hub round the cup
 * @param hubTemperature and {@code cupTemperature}: as they are now, both or neither
 */
record CupFitForm(
        HubMaterial hub,
        @Nullable String set,
        @Nullable LengthEntry cup,
        @Nullable LengthEntry bore,
        @Nullable HoleClass boreClass,
        SizeGauge instrument,
        LengthEntry hubOutside,
        @Nullable MassEntry load,
        HubState hubState,
        @Nullable TemperatureEntry hubTemperature,
        @Nullable TemperatureEntry cupTemperature) {

    private static final Map<Quantity, String> FIELDS = Map.of(
            EnteredQuantity.INSTRUMENT,
            "instrument",
            EnteredQuantity.BORE_FOR_CLASS,
            "boreClass",
            EnteredQuantity.CUP_BORE_OF_HUB,
            "bore.number");

    @Nullable
    SizeRange cupRange(@Nullable BearingSet known, FieldErrors errors) {
        if (cup != null) {
            LengthEntry entered = cup;
            return errors.at("cup.number", FIELDS, () -> SizeRange.measured(entered.toLength(), instrument));
        }
        if (known == null) {
            errors.add("cup", null, "is missing; measure the cup, or choose its set");
            return null;
        }
        return SizeRange.newCup(known.outsideDiameter(), known.series());
    }

    @Nullable
    SizeRange boreRange(@Nullable BearingSet known, FieldErrors errors) {
        if (bore != null) {
            LengthEntry entered = bore;
            return errors.at("bore.number", FIELDS, () -> SizeRange.measured(entered.toLength(), instrument));
        }
        if (boreClass == null) {
            errors.add("bore", null, "is missing; measure the bore, or give its class from the drawing");
            return null;
        }
        HoleClass drawn = boreClass;
        @Nullable Length nominal = known != null ? known.outsideDiameter() : cup != null ? cup.toLength() : null;
        return nominal == null ? null : errors.at("boreClass", FIELDS, () -> drawn.of(nominal));
    }

    Force loadOn(Length cupOutside) {
        return load == null ? CupFit.usualLoad(cupOutside) : load.toWeight();
    }

    @Nullable
    Temperature hubNow(FieldErrors errors) {
        return hubTemperature == null ? null : errors.at("hubTemperature.number", hubTemperature::toTemperature);
    }

    @Nullable
    Temperature cupNow(FieldErrors errors) {
        return cupTemperature == null ? null : errors.at("cupTemperature.number", cupTemperature::toTemperature);
    }
}
