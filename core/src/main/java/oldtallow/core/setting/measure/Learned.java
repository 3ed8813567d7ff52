package oldtallow.core.setting.measure;

import java.util.List;
import java.util.Optional;
import oldtallow.core.quantity.Length;

/**
 * What a hub did every time before: the play that locking took, or that its bearings gained when they settled.
 *
 * @param mean of the latest changes
 * @param spread largest less smallest of them
 * @param times how many they are, 1 to 5
 */
public record Learned(Length mean, Length spread, int times) {

    /** Older ones were another washer, another nut. */
    private static final int LATEST = 5;

    /**
     * From changes on record.
     *
     * @param changes latest first
     */
    public static Optional<Learned> from(List<Length> changes) {
        List<Length> latest = changes.stream().limit(LATEST).toList();
        if (latest.isEmpty()) {
            return Optional.empty();
        }
        Length least = latest.stream().min(Length::compareTo).orElseThrow();
        Length most = latest.stream().max(Length::compareTo).orElseThrow();
        Length sum = latest.stream().reduce(Length.ZERO, Length::plus);
        return Optional.of(new Learned(sum.times(1.0 / latest.size()), most.minus(least), latest.size()));
    }
}
