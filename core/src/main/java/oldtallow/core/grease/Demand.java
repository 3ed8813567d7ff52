package oldtallow.core.grease;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * What a wheel end asks of its grease. Common practice; the maker's figure governs.
 *
 * @param brake which heats the hub
 * @param dunked whether it goes under water
 * @param coldest it has to turn in, −60 to 30 °C
 * @param heavy whether it is loaded hard or goes down braked hills
 */
public record Demand(BrakeKind brake, boolean dunked, int coldest, boolean heavy) {

    private static final int LEAST_VISCOSITY = 100;

    public Demand {
        if (coldest < -60 || coldest > 30) {
            throw new OutOfRangeException(EnteredQuantity.COLDEST_DAY, coldest + " °C", "-60 to 30 °C (-76 to 86 °F)");
        }
    }

    /**
     * A thing the grease must be, and why.
     *
     * @param wants such as "rated for disc brakes"
     */
    public record Want(String wants, String why) {}

    /** A grease as its data sheet describes it; what is not known is empty. */
    public record Known(
            Optional<NlgiGrade> grade,
            Thickener thickener,
            Optional<Integer> coldest,
            Optional<Integer> hottest,
            Optional<Boolean> standsWater,
            Optional<Boolean> extremePressure,
            Optional<Boolean> forWheelBearings,
            Optional<Double> viscosityAt40) {

        /** As far as the code on its tin tells. */
        public static Known of(Thickener thickener, Optional<GreaseCode> code, Optional<Double> viscosityAt40) {
            return new Known(
                    code.flatMap(GreaseCode::grade),
                    thickener,
                    code.flatMap(GreaseCode::coldest),
                    code.flatMap(GreaseCode::hottest),
                    code.flatMap(GreaseCode::standsWater),
                    code.flatMap(GreaseCode::standsPressure),
                    code.flatMap(GreaseCode::forWheelBearings),
                    viscosityAt40);
        }
    }

    /** Highest temperature the grease must stand, °C. */
    public int hottest() {
        return switch (brake) {
            case DISC -> 160;
            case DRUM -> heavy ? 160 : 120;
            case NONE -> 100;
        };
    }

    public List<Want> wants() {
        List<Want> wants = new ArrayList<>();
        wants.add(new Want(
                "for " + hottest() + " °C and more",
                switch (brake) {
                    case DISC -> "disc brakes heat the hub; the mark GC on the tin says so";
                    case DRUM -> heavy ? "drums glow on braked hills" : "a drum warms the hub";
                    case NONE -> "the bearing warms itself only";
                }));
        wants.add(new Want("for extreme pressure", "the big rib slides on the rollers under load"));
        wants.add(
                new Want("NLGI 2", "it stays in the bearing and still flows back; 1 in deep cold, 3 in hot fast hubs"));
        if (dunked) {
            wants.add(new Want(
                    "marine grade, stands water",
                    "a hot hub that is dunked draws water in; salt rusts what it reaches"));
        }
        if (coldest < -20) {
            wants.add(new Want("for " + coldest + " °C", "stiff grease lets the rollers slide instead of roll"));
        }
        if (heavy) {
            wants.add(new Want(
                    "base oil of " + LEAST_VISCOSITY + " mm²/s or more at 40 °C",
                    "thin oil leaves the film under load"));
        }
        return List.copyOf(wants);
    }

    /** What a grease falls short in; empty where it will do as far as it is known. */
    public List<String> misfits(Known grease) {
        List<String> misfits = new ArrayList<>();
        grease.grade()
                .filter(grade -> !grade.isForWheelBearings())
                .ifPresent(grade -> misfits.add("NLGI " + grade.number() + " is not for wheel bearings: 1, 2 or 3"));
        grease.forWheelBearings()
                .filter(meant -> !meant)
                .ifPresent(meant -> misfits.add("a chassis grease: for wheel bearings the tin says GB or GC"));
        grease.hottest()
                .filter(celsius -> celsius < hottest())
                .ifPresent(celsius -> misfits.add("stands " + celsius + " °C; here it can be " + hottest() + " °C"));
        grease.coldest()
                .filter(celsius -> celsius > coldest)
                .ifPresent(
                        celsius -> misfits.add("goes down to " + celsius + " °C; here it can be " + coldest + " °C"));
        grease.standsWater()
                .filter(stands -> dunked && !stands)
                .ifPresent(stands -> misfits.add("does not stand water, and this hub is dunked"));
        grease.extremePressure()
                .filter(stands -> !stands)
                .ifPresent(stands -> misfits.add("has no additives for extreme pressure"));
        grease.viscosityAt40()
                .filter(viscosity -> heavy && viscosity < LEAST_VISCOSITY)
                .ifPresent(viscosity -> misfits.add("base oil too thin for this load"));
        if (grease.thickener() == Thickener.SODIUM && dunked) {
            misfits.add("sodium grease washes out with water");
        }
        return List.copyOf(misfits);
    }
}
