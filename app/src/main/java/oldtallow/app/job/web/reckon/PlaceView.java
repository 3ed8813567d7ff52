package oldtallow.app.job.web.reckon;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.app.units.RangeView;
import oldtallow.core.grease.Filling;
import oldtallow.core.grease.Filling.Amount;
import oldtallow.core.grease.Filling.Place;

/** How much grease goes to a place. */
record PlaceView(Place place, String words, RangeView cubicCentimetres, RangeView grams, RangeView strokes) {

    /** Every place that gets some. */
    static List<PlaceView> all(Filling filling, double stroke) {
        return Stream.of(Place.values())
                .flatMap(place -> Optional.ofNullable(filling.amounts().get(place)).stream()
                        .map(amount -> new PlaceView(
                                place,
                                place.words(),
                                range(amount),
                                range(amount.grams()),
                                range(amount.strokes(stroke)))))
                .toList();
    }

    static RangeView range(Amount amount) {
        return new RangeView(amount.least(), amount.most());
    }
}
