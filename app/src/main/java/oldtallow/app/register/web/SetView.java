package oldtallow.app.register.web;

import java.util.UUID;
import oldtallow.app.register.reference.CatalogueSet;
import oldtallow.app.units.LengthView;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.CatalogueEntry.Confidence;
import org.jspecify.annotations.Nullable;

/**
 * A set with its sizes.
 *
 * @param ownId where the workshop entered it itself
 */
record SetView(
        String designation,
        String cone,
        String cup,
        LengthView bore,
        LengthView outsideDiameter,
        LengthView width,
        LengthView coneWidth,
        LengthView cupWidth,
        double e,
        Confidence confidence,
        String source,
        @Nullable UUID ownId) {

    static SetView of(CatalogueSet catalogued) {
        BearingSet set = catalogued.entry().set();
        return new SetView(
                set.designation().toString(),
                set.designation().cone(),
                set.designation().cup(),
                LengthView.of(set.bore()),
                LengthView.of(set.outsideDiameter()),
                LengthView.of(set.width()),
                LengthView.of(set.coneWidth()),
                LengthView.of(set.cupWidth()),
                set.e(),
                catalogued.entry().confidence(),
                catalogued.entry().source(),
                catalogued.ownId());
    }
}
