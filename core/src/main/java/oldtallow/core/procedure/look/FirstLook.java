package oldtallow.core.procedure.look;

import static oldtallow.core.procedure.look.Suspicion.ASSEMBLED_WRONG;
import static oldtallow.core.procedure.look.Suspicion.BRAKE_DRAGS;
import static oldtallow.core.procedure.look.Suspicion.DRY;
import static oldtallow.core.procedure.look.Suspicion.FINE;
import static oldtallow.core.procedure.look.Suspicion.GREASE_FAILED;
import static oldtallow.core.procedure.look.Suspicion.LOCK_FAILED;
import static oldtallow.core.procedure.look.Suspicion.OUT_OF_ADJUSTMENT;
import static oldtallow.core.procedure.look.Suspicion.RACE_DAMAGE;
import static oldtallow.core.procedure.look.Suspicion.SEAL_FAILED;
import static oldtallow.core.procedure.look.Suspicion.TOO_TIGHT;
import static oldtallow.core.procedure.look.Suspicion.TYRE_OR_DRUM;
import static oldtallow.core.procedure.look.Suspicion.WATER_IN;
import static oldtallow.core.procedure.look.Suspicion.WORN;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oldtallow.core.procedure.look.Diagnosis.Drive;
import oldtallow.core.procedure.look.Diagnosis.Suspected;
import oldtallow.core.procedure.look.Seen.GreaseFound;
import oldtallow.core.procedure.look.Seen.Leak;
import oldtallow.core.procedure.look.Seen.Locked;
import oldtallow.core.procedure.look.Seen.Misplaced;
import oldtallow.core.procedure.look.Seen.Rock;
import oldtallow.core.procedure.look.Seen.Spin;
import oldtallow.core.procedure.look.Seen.SpinWithoutShaft;
import oldtallow.core.procedure.look.Seen.TakenUp;
import oldtallow.core.travel.warmth.HeatBand;
import oldtallow.core.travel.warmth.HubHeat;

/**
 * Everything noticed before anything is loosened, as far as it was looked at.
 *
 * <p>Which sign points where is common practice of the trade; the weights that rank suspicions are this
 * product's own and only order them.
 */
public record FirstLook(List<Seen> seen, Optional<HubHeat> heat, boolean hasBrake) {

    public FirstLook {
        seen = List.copyOf(seen);
    }

    /** What all of it together points to. */
    public Diagnosis diagnosis() {
        var evidence = new Evidence();
        seen.forEach(one -> weigh(one, evidence));
        heat.ifPresent(reading -> weigh(reading, evidence));
        List<Suspected> ranked = evidence.ranked();
        Drive drive = drive();
        return new Diagnosis(ranked, drive, driveReason(drive, ranked));
    }

    private void weigh(Seen one, Evidence evidence) {
        String because = one.words();
        switch (one) {
            case Spin spin -> weigh(spin, because, evidence);
            case SpinWithoutShaft(Spin spin) -> weigh(spin, because, evidence);
            case Rock rock -> {
                switch (rock) {
                    case NONE -> {}
                    case SLIGHT -> evidence.add(OUT_OF_ADJUSTMENT, 1, because).add(WORN, 0.5, because);
                    case LOOSE -> evidence.add(OUT_OF_ADJUSTMENT, 2, because).add(WORN, 2, because);
                }
            }
            case TakenUp taken -> evidence.add(taken == TakenUp.GONE ? OUT_OF_ADJUSTMENT : WORN, 3, because);
            case GreaseFound grease -> {
                switch (grease) {
                    case CLEAN, BLACK_THICK -> {}
                    case THIN_RUNNY -> evidence.add(GREASE_FAILED, 3, because).add(TOO_TIGHT, 1, because);
                    case MILKY -> evidence.add(WATER_IN, 3, because).add(SEAL_FAILED, 1, because);
                    case RUSTY -> evidence.add(WATER_IN, 4, because).add(RACE_DAMAGE, 2, because);
                    case GONE -> evidence.add(DRY, 4, because).add(SEAL_FAILED, 1, because);
                }
            }
            case Leak leak -> {
                if (leak == Leak.DAMP || leak == Leak.ON_LININGS) {
                    evidence.add(SEAL_FAILED, leak == Leak.DAMP ? 2 : 4, because);
                }
            }
            case Locked locked -> {
                switch (locked) {
                    case AS_IT_SHOULD -> {}
                    case NUT_LOOSE -> evidence.add(LOCK_FAILED, 5, because).add(OUT_OF_ADJUSTMENT, 2, because);
                    case LOCK_MISSING, LOCK_BROKEN -> evidence.add(LOCK_FAILED, 5, because);
                }
            }
            case Misplaced misplaced -> evidence.add(ASSEMBLED_WRONG, 4, because);
        }
    }

    private static void weigh(Spin spin, String because, Evidence evidence) {
        switch (spin) {
            case SILENT -> {}
            case GROWL -> evidence.add(RACE_DAMAGE, 3, because);
            case GRIND -> evidence.add(RACE_DAMAGE, 4, because).add(DRY, 1, because);
            case RATTLE -> evidence.add(RACE_DAMAGE, 2, because).add(WORN, 2, because);
            case THUMP -> evidence.add(TYRE_OR_DRUM, 2, because).add(RACE_DAMAGE, 1, because);
        }
    }

    private void weigh(HubHeat reading, Evidence evidence) {
        String because = reading.reading().words();
        switch (reading.reading()) {
            case FINE, WARM -> {}
            case ONE_SIDED, TOO_HOT -> {
                // both sides alike: the brakes, or both were set alike
                if (!reading.isHotOnBothSides() || !hasBrake) {
                    evidence.add(TOO_TIGHT, 2, because);
                }
                if (hasBrake) {
                    evidence.add(BRAKE_DRAGS, 2, because);
                }
            }
            case STOP -> {
                evidence.add(TOO_TIGHT, 4, because).add(DRY, 2, because);
                if (hasBrake) {
                    evidence.add(BRAKE_DRAGS, 3, because);
                }
            }
        }
    }

    private Drive drive() {
        if (seen.stream().anyMatch(FirstLook::forbidsDriving)
                || heat.filter(one -> one.band().holdsTheRig()).isPresent()) {
            return Drive.NO;
        }
        boolean slowly = seen.stream().anyMatch(FirstLook::wantsTheWorkshop)
                || heat.filter(HubHeat::isOneSided).isPresent();
        return slowly ? Drive.TO_THE_WORKSHOP : Drive.YES;
    }

    private static boolean forbidsDriving(Seen one) {
        return switch (one) {
            case Spin spin -> spin == Spin.GRIND;
            case SpinWithoutShaft(Spin spin) -> spin == Spin.GRIND;
            case Rock rock -> rock == Rock.LOOSE;
            case TakenUp taken -> false;
            case GreaseFound grease -> grease == GreaseFound.GONE;
            case Leak leak -> leak == Leak.ON_LININGS;
            case Locked locked -> locked != Locked.AS_IT_SHOULD;
            case Misplaced misplaced -> true;
        };
    }

    private static boolean wantsTheWorkshop(Seen one) {
        return switch (one) {
            case Spin spin -> spin.isDamage();
            case SpinWithoutShaft(Spin spin) -> spin.isDamage();
            case Rock rock -> rock == Rock.SLIGHT;
            case TakenUp taken -> taken == TakenUp.STAYS;
            case GreaseFound grease -> grease != GreaseFound.CLEAN && grease != GreaseFound.BLACK_THICK;
            case Leak leak -> leak == Leak.DAMP || leak == Leak.ON_LININGS;
            case Locked locked -> false;
            case Misplaced misplaced -> false;
        };
    }

    private String driveReason(Drive drive, List<Suspected> ranked) {
        return switch (drive) {
            case NO ->
                seen.stream()
                        .filter(FirstLook::forbidsDriving)
                        .findFirst()
                        .map(one -> one.words() + ": the wheel can come off or its brake fail.")
                        .orElseGet(() -> "The hub: " + heat.orElseThrow().band().words() + ".");
            case TO_THE_WORKSHOP -> ranked.getFirst().suspicion().words() + ": it gets worse with every mile.";
            case YES ->
                heat.filter(one -> one.band() != HeatBand.FINE)
                                .map(one -> "The hub is " + one.band().words() + ". Otherwise nothing")
                                .orElse("Nothing")
                        + " seen so far speaks against it; road-worthiness is for whoever is licensed to say.";
        };
    }

    /** What speaks for each suspicion. */
    private static final class Evidence {

        private final Map<Suspicion, Double> weights = new EnumMap<>(Suspicion.class);
        private final Map<Suspicion, List<String>> because = new EnumMap<>(Suspicion.class);

        Evidence add(Suspicion suspicion, double weight, String why) {
            weights.merge(suspicion, weight, Double::sum);
            because.computeIfAbsent(suspicion, key -> new ArrayList<>()).add(why);
            return this;
        }

        List<Suspected> ranked() {
            if (weights.isEmpty()) {
                return List.of(new Suspected(FINE, 0, List.of()));
            }
            return weights.entrySet().stream()
                    .sorted(Map.Entry.<Suspicion, Double>comparingByValue(Comparator.reverseOrder())
                            .thenComparing(Map.Entry.comparingByKey()))
                    .map(entry -> new Suspected(
                            entry.getKey(), entry.getValue(), because.getOrDefault(entry.getKey(), List.of())))
                    .toList();
        }
    }
}
