package oldtallow.app.instrument.api;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/**
 * The latest readings of an instrument, and whether its hand stands still. Not for more than one thread at a time.
 *
 * <p>It stands still when five new readings in a row are called steady by the instrument and lie within two steps of its
 * resolution. A count that came before is a repetition and adds nothing.
 */
final class LiveHand {

    private static final int ENOUGH = 5;
    private static final double STEPS = 2.000_001;

    private final Deque<Line.Reading> latest = new ArrayDeque<>(ENOUGH);
    private long lastCount = -1;

    /** Whether it was new. */
    boolean add(Line.Reading reading) {
        if (reading.count() == lastCount) {
            return false;
        }
        lastCount = reading.count();
        if (latest.size() == ENOUGH) {
            latest.removeFirst();
        }
        latest.addLast(reading);
        return true;
    }

    void forget() {
        latest.clear();
        lastCount = -1;
    }

    Optional<Double> shows() {
        return latest.isEmpty()
                ? Optional.empty()
                : Optional.of(latest.getLast().value());
    }

    boolean isSteady(double resolution) {
        return latest.size() == ENOUGH
                && latest.stream().allMatch(Line.Reading::steady)
                && spread() <= STEPS * resolution;
    }

    /** Middle of the latest readings: one that jumped does not move it. */
    double middle() {
        return latest.stream()
                .map(Line.Reading::value)
                .sorted()
                .skip(latest.size() / 2)
                .findFirst()
                .orElseThrow();
    }

    private double spread() {
        double most = latest.stream().mapToDouble(Line.Reading::value).max().orElse(0);
        double least = latest.stream().mapToDouble(Line.Reading::value).min().orElse(0);
        return most - least;
    }
}
