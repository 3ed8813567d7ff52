package oldtallow.core.travel.warmth;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What a hub's warmth says to do.
 *
 * <p>By {@link HeatBand}. A side that gains on the other from stop to stop is told before it gets there; that limit is this
 * product's own.
 */
public enum Alarm {
    FINE("carry on"),
    WATCH("warm: feel it again within 50 km, both sides"),
    CREEPING("gaining on its other side from stop to stop: raise it, spin it and measure the play at the next stop"),
    ONE_SIDED("one side is the warmer: raise it and spin it before you drive on"),
    HOT("too hot to touch: look for the cause before going on. Tight, dry, or a dragging brake"),
    STOP("stop, and let it cool before anything else, whatever warmed it. Then open it, or have it fetched");

    /** Between what a hand tells apart, °C as {@link Touch} estimates it. */
    private static final double TWO_STEPS = 20;

    private static final int LEAST_FOR_TREND = 4;
    private static final int MOST_FOR_TREND = 12;
    private static final double CREPT = 6;

    private final String words;

    Alarm(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether the rig had better stay where it is until somebody has looked. */
    public boolean holdsTheRig() {
        return compareTo(ONE_SIDED) >= 0;
    }

    /**
     * Of the last of a hub's readings.
     *
     * @param readings of one wheel end; not empty
     */
    public static Alarm of(List<StopReading> readings) {
        List<StopReading> inOrder =
                readings.stream().sorted(Comparator.comparing(StopReading::at)).toList();
        StopReading last = inOrder.getLast();
        HeatBand band = HeatBand.of(last.hub().about());
        if (band.holdsTheRig()) {
            return band == HeatBand.STOP ? STOP : HOT;
        }
        if (isOneSided(last)) {
            return ONE_SIDED;
        }
        // a hand at the last stop says nothing of a few degrees
        if (last.overOther().isPresent()
                && gain(inOrder).filter(kelvin -> kelvin >= CREPT).isPresent()) {
            return CREEPING;
        }
        return band == HeatBand.WARM ? WATCH : FINE;
    }

    /**
     * How much a hub gained on its other side over its last measured stops, K; by the middle of all slopes between two of them
     * (Theil and Sen), so that one odd reading turns nothing. Empty with fewer than four.
     */
    public static Optional<Double> gain(List<StopReading> readings) {
        List<Double> over = readings.stream()
                .sorted(Comparator.comparing(StopReading::at))
                .flatMap(reading -> reading.overOther().stream())
                .toList();
        List<Double> last = over.subList(Math.max(0, over.size() - MOST_FOR_TREND), over.size());
        if (last.size() < LEAST_FOR_TREND) {
            return Optional.empty();
        }
        double[] slopes = IntStream.range(0, last.size())
                .boxed()
                .flatMap(i -> IntStream.range(i + 1, last.size()).mapToObj(j -> (last.get(j) - last.get(i)) / (j - i)))
                .mapToDouble(Double::doubleValue)
                .sorted()
                .toArray();
        double middle = (slopes[(slopes.length - 1) / 2] + slopes[slopes.length / 2]) / 2;
        return Optional.of(middle * (last.size() - 1));
    }

    /** By degrees, or by two steps of a hand's feel. */
    private static boolean isOneSided(StopReading last) {
        return last.overOther()
                .map(kelvin -> kelvin >= HeatBand.SIDES_DIFFER)
                .orElseGet(() -> last.other()
                        .filter(other -> last.hub().about() - other.about() >= TWO_STEPS)
                        .isPresent());
    }
}
