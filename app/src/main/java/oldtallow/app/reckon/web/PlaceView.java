package oldtallow.app.reckon.web;

import java.util.List;
import java.util.stream.Stream;
import oldtallow.core.grease.Filling;
import oldtallow.core.grease.Filling.Place;

/** How much grease goes to a place. */
record PlaceView(Place place, String words, double cubicCentimetres, double grams, double strokes) {

    /** Every place that gets some. */
    static List<PlaceView> all(Filling filling, double stroke) {
        return Stream.of(Place.values())
                .filter(filling.cubicCentimetres()::containsKey)
                .map(place -> of(place, filling, stroke))
                .toList();
    }

    private static PlaceView of(Place place, Filling filling, double stroke) {
        double volume = filling.cubicCentimetres().getOrDefault(place, 0.0);
        return new PlaceView(place, place.words(), volume, volume * Filling.DENSITY, Filling.strokes(volume, stroke));
    }
}
