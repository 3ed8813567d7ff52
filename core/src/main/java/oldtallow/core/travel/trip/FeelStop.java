package oldtallow.core.travel.trip;

import java.util.ArrayList;
import java.util.List;

/**
 * A stop at which every hub is felt: at each fuel stop, common practice; reckoned here at most 250 km apart, the first after
 * the first 15 km of the trip, and after water.
 *
 * @param leg from 0
 * @param afterKm of that leg
 * @param why in a few words
 */
public record FeelStop(int leg, double afterKm, String why) {

    private static final double FIRST_KM = 15;
    private static final double APART_KM = 250;
    private static final double SAME_PLACE_KM = 1;

    private boolean isAt(int thatLeg, double km) {
        return leg == thatLeg && km - afterKm < SAME_PLACE_KM;
    }

    /** Stops of a trip, in order. */
    public static List<FeelStop> of(List<Stretch> legs) {
        List<FeelStop> stops = new ArrayList<>();
        boolean begun = false;
        for (int i = 0; i < legs.size(); i++) {
            Stretch leg = legs.get(i);
            double at = 0;
            if (!begun && leg.km() >= FIRST_KM) {
                stops.add(new FeelStop(i, FIRST_KM, "first warmth of the trip"));
                begun = true;
                at = FIRST_KM;
            }
            while (leg.km() - at > APART_KM) {
                at += APART_KM;
                stops.add(new FeelStop(i, at, "fuel stop"));
            }
            if (leg.km() > 0) {
                // one stop there, not two
                if (!stops.isEmpty() && stops.getLast().isAt(i, leg.km())) {
                    stops.removeLast();
                }
                stops.add(new FeelStop(i, leg.km(), leg.wet() ? "end of the leg, after water" : "end of the leg"));
            }
        }
        return stops;
    }
}
