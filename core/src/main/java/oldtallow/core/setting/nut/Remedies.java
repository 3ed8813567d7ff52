package oldtallow.core.setting.nut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.LockPlate;
import oldtallow.core.fastening.lock.PushOnRetainer;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.SteppedLock;
import oldtallow.core.fastening.lock.TangWasher;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.setting.nut.Remedy.FinerRetainer;
import oldtallow.core.setting.nut.Remedy.OtherWasher;
import oldtallow.core.setting.nut.Remedy.TakeZeroAgain;
import oldtallow.core.setting.nut.Remedy.TurnWasherOver;
import org.jspecify.annotations.Nullable;

/** Works out the remedies of a case without a good stop. */
final class Remedies {

    /** Slots of the retainers to be had (common practice). */
    private static final List<Integer> RETAINER_SLOTS = List.of(4, 6, 8, 10, 12);

    private final NutCase nutCase;
    private final SteppedLock lock;
    private final EndPlayWindow window;
    private final List<Stop> stops;

    Remedies(NutCase nutCase, SteppedLock lock, List<Stop> stops) {
        this.nutCase = nutCase;
        this.lock = lock;
        this.window = nutCase.window().value();
        this.stops = stops;
    }

    /** Cheapest first: what costs only time, then what lies on the bench, then what must be ordered. */
    List<Remedy> inOrder() {
        List<Remedy> remedies = new ArrayList<>();
        turnWasherOver().ifPresent(remedies::add);
        takeZeroAgain().ifPresent(remedies::add);
        otherWasher(true).ifPresent(remedies::add);
        otherWasher(false).ifPresent(remedies::add);
        finerRetainer().ifPresent(remedies::add);
        return List.copyOf(remedies);
    }

    private Optional<Remedy> takeZeroAgain() {
        return stops.stream()
                .min(Comparator.comparing(this::miss))
                .map(stop ->
                        new TakeZeroAgain(miss(stop), nutCase.thread().degreesFor(miss(stop)), isLoose(stop), stop));
    }

    /** How far outside the window a stop is. */
    private Length miss(Stop stop) {
        return isLoose(stop)
                ? stop.endPlay().minus(window.most())
                : window.least().minus(stop.endPlay());
    }

    private static boolean isLoose(Stop stop) {
        return stop.verdict() == EndPlayVerdict.TOO_LOOSE || stop.verdict() == EndPlayVerdict.USABLE;
    }

    private Optional<Remedy> otherWasher(boolean thicker) {
        Stream<Stop> side = stops.stream().filter(stop -> isLoose(stop) == thicker);
        return side.min(Comparator.comparing(this::miss)).flatMap(stop -> {
            Length least = miss(stop);
            Length most = least.plus(window.width());
            @Nullable Length fitted = nutCase.washerThickness();
            if (fitted == null) {
                return Optional.of(new OtherWasher(thicker, least, most, null, null, stop));
            }
            Length one = thicker ? fitted.plus(least) : fitted.minus(most);
            Length other = thicker ? fitted.plus(most) : fitted.minus(least);
            return one.metres() > 0
                    ? Optional.of(new OtherWasher(thicker, least, most, one, other, stop))
                    : Optional.empty();
        });
    }

    private Optional<Remedy> turnWasherOver() {
        return lock instanceof TangWasher washer
                ? nutCase.stops(washer, washer.turnedOver().positions()).stream()
                        .filter(stop -> stop.verdict() == EndPlayVerdict.INSIDE)
                        .findFirst()
                        .map(TurnWasherOver::new)
                : Optional.empty();
    }

    /** The coarsest retainer that always has a stop inside; failing that the finest, if it is finer than what is there. */
    private Optional<Remedy> finerRetainer() {
        List<Turn> holes = switch (lock) {
            case CastleNut nut -> nut.holes();
            case SeatedRetainer retainer -> retainer.holes();
            case PushOnRetainer retainer -> List.of(); // no cotter hole is known there
            case TangWasher washer -> List.of();
            case LockPlate plate -> List.of(); // no cotter hole is known there
        };
        if (holes.isEmpty()) {
            return Optional.empty();
        }
        Turn now = lock.largestGap();
        List<FinerRetainer> finer = Stream.of(6, 12)
                .flatMap(seats -> RETAINER_SLOTS.stream().map(slots -> new SeatedRetainer(slots, seats, holes)))
                .map(this::asRemedy)
                .filter(remedy -> remedy.largestGap().compareTo(now) < 0)
                .sorted(Comparator.comparing(FinerRetainer::largestGap).reversed())
                .toList();
        return finer.stream()
                .filter(FinerRetainer::alwaysInside)
                .findFirst()
                .or(() -> finer.isEmpty() ? Optional.empty() : Optional.of(finer.getLast()))
                .map(remedy -> remedy);
    }

    private FinerRetainer asRemedy(SeatedRetainer retainer) {
        Turn gap = retainer.largestGap();
        Length travel = nutCase.thread().travel(gap);
        return new FinerRetainer(retainer, gap, travel, travel.compareTo(window.width()) <= 0);
    }
}
