package oldtallow.core.fastening.sequence;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Torque;
import oldtallow.core.quantity.TorqueUnit;
import org.jspecify.annotations.Nullable;

/**
 * Questions a torque that looks as if it was read in another unit, inch-pounds entered as foot-pounds above all.
 *
 * <p>The two differ by twelve; newton-metres and foot-pounds only by 1.36, which no margin sees. So a torque that is not what
 * the step asks is questioned whenever its bare number is just that in another unit. Otherwise it passes within half to double;
 * outside it, the same number in the unit that fits is offered. Common practice; the factor of two is this product's own margin.
 */
public final class TorqueUnitGuard {

    /** What a scale is read to. */
    private static final double READING = 0.01;
    /** Below √12, so that no number passes in both inch- and foot-pounds. */
    private static final double MARGIN = 2;
    /** "50 or more" is not endless: three times it is already a jam nut's torque, not a seating one. */
    private static final double OPEN_END = 3;
    /** What a hand wrench or a car's wheel end ever sees; above it the entry is a slip of the key. */
    private static final double MOST_NEWTON_METRES = 1500;

    private TorqueUnitGuard() {}

    /** Why a torque is questioned. */
    public enum Doubt {
        /** In another unit the same number is what the step asks. */
        OTHER_UNIT,
        TOO_HIGH,
        TOO_LOW
    }

    /**
     * A doubtful torque.
     *
     * @param asEntered the torque in the unit it came in
     * @param likelyUnit unit in which the number fits; null unless the doubt is about the unit
     * @param asLikely the torque in that unit, likewise
     * @param timesExpected how many times what the step asks the entry is (below 1: too little)
     */
    public record Question(
            Doubt doubt,
            Torque asEntered,
            @Nullable TorqueUnit likelyUnit,
            @Nullable Torque asLikely,
            TorqueRange expected,
            double timesExpected) {}

    /**
     * Judges an entry against what the step asks.
     *
     * @param number more than 0, and at most 1500 N·m in its unit
     * @return empty when it fits
     */
    public static Optional<Question> question(double number, TorqueUnit unit, TorqueRange expected) {
        Torque entered = entered(number, unit);
        if (isAsked(entered, expected)) {
            return Optional.empty();
        }
        double times = timesExpected(entered, expected);
        Optional<TorqueUnit> asked = likeliest(unit, other -> isAsked(Torque.of(number, other), expected));
        if (asked.isEmpty() && fits(entered, expected)) {
            return Optional.empty();
        }
        return asked.or(() -> likeliest(unit, other -> fits(Torque.of(number, other), expected)))
                .map(other -> new Question(Doubt.OTHER_UNIT, entered, other, Torque.of(number, other), expected, times))
                .or(() -> Optional.of(new Question(
                        times > 1 ? Doubt.TOO_HIGH : Doubt.TOO_LOW, entered, null, null, expected, times)));
    }

    private static Torque entered(double number, TorqueUnit unit) {
        if (!(number > 0 && number * unit.newtonMetres() <= MOST_NEWTON_METRES)) {
            throw new OutOfRangeException(
                    EnteredQuantity.TORQUE, number + " " + unit.symbol(), "above 0 and at most 1500 N·m");
        }
        return Torque.of(number, unit);
    }

    private static Optional<TorqueUnit> likeliest(TorqueUnit unit, Predicate<TorqueUnit> fits) {
        return Stream.of(TorqueUnit.values())
                .filter(other -> other != unit && fits.test(other))
                .min(Comparator.comparingInt(other -> strangeness(unit, other)));
    }

    /** Whether it is what the step asks, as far as a scale can be read. */
    private static boolean isAsked(Torque torque, TorqueRange expected) {
        double most = expected.most().newtonMetres() * (expected.openEnded() ? OPEN_END : 1 + READING);
        return torque.newtonMetres() >= expected.least().newtonMetres() * (1 - READING)
                && torque.newtonMetres() <= most;
    }

    private static boolean fits(Torque torque, TorqueRange expected) {
        return torque.compareTo(expected.least().times(1 / MARGIN)) >= 0
                && torque.compareTo(upperEnd(expected).times(MARGIN)) <= 0;
    }

    private static Torque upperEnd(TorqueRange expected) {
        return expected.openEnded() ? expected.most().times(OPEN_END / MARGIN) : expected.most();
    }

    private static double timesExpected(Torque entered, TorqueRange expected) {
        Torque nearest = entered.compareTo(expected.most()) > 0 ? expected.most() : expected.least();
        return entered.newtonMetres() / nearest.newtonMetres();
    }

    /** The mix-up that happens most comes first: inch- with foot-pounds. */
    private static int strangeness(TorqueUnit entered, TorqueUnit likely) {
        return isPounds(entered) && isPounds(likely) ? 0 : 1;
    }

    private static boolean isPounds(TorqueUnit unit) {
        return unit == TorqueUnit.POUND_FORCE_FOOT || unit == TorqueUnit.POUND_FORCE_INCH;
    }
}
