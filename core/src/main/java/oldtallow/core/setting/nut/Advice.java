package oldtallow.core.setting.nut;

import java.util.List;

/** Which stop to take, or what to do when none is good. */
public sealed interface Advice {

    /** The tightest stop inside the window: the first that is met going looser. */
    record Take(Stop stop) implements Advice {}

    /**
     * No stop is good, but one is usable at the loose end of a graded window: the tightest such.
     *
     * @param remedies how to do better, in the order worth trying
     */
    record TakeUsable(Stop stop, List<Remedy> remedies) implements Advice {}

    /** No stop is good or usable; {@code remedies} come in the order worth trying. */
    record NoneGood(List<Remedy> remedies) implements Advice {}

    /**
     * The lock holds at any angle: stop anywhere between, both inclusive, in degrees from where the nut stands.
     *
     * @param suggestedDegrees the middle: furthest from both edges, where no slot decides
     * @param measureAgain whether locking takes up play, so that only a reading afterwards counts
     */
    record AnyAngle(double fromDegrees, double toDegrees, double suggestedDegrees, boolean measureAgain)
            implements Advice {}
}
