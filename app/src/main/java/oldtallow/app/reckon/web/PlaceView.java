package oldtallow.app.reckon.web;

import java.util.List;
import java.util.stream.Stream;
import oldtallow.app.wire.RangeView;
import oldtallow.core.grease.Filling;
import oldtallow.core.grease.Filling.Amount;
import oldtallow.core.grease.Filling.Place;

/** How much grease goes to a place. */
record PlaceView(Place place, String words, RangeView cubicCentimetres, RangeView grams, RangeView strokes) {

    /** Every place that gets some. */
    static List<PlaceView> all(Filling filling, double stroke) {
        return Stream.of(Place.values())
                .flatMap(place -> Stream.ofNullable(filling.amounts().get(place))
                        .map(amount -> new PlaceView(
                                place, place.words(), volume(amount), grams(amount), strokes(amount, stroke))))
                .toList();
    }

    static RangeView volume(Amount amount) {
        return new RangeView(amount.least(), amount.most());
    }

    static RangeView grams(Amount amount) {
        return new RangeView(amount.least() * Filling.DENSITY, amount.most() * Filling.DENSITY);
    }

    static RangeView cartridges(Amount amount) {
        RangeView grams = grams(amount);
        return new RangeView(grams.least() / Filling.CARTRIDGE_GRAMS, grams.most() / Filling.CARTRIDGE_GRAMS);
    }

    /** How many times as much a cartridge holds. */
    static RangeView perCartridge(Amount amount) {
        RangeView grams = grams(amount);
        return new RangeView(Filling.CARTRIDGE_GRAMS / grams.most(), Filling.CARTRIDGE_GRAMS / grams.least());
    }

    static RangeView strokes(Amount amount, double stroke) {
        return new RangeView(Filling.strokes(amount.least(), stroke), Filling.strokes(amount.most(), stroke));
    }
}
