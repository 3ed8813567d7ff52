package oldtallow.app.register.api;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.PartPlace;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.ShapeAssumption;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The shape of a wheel end from its build and the bearings fitted to it. */
@Component
class Shapes {

    private final Catalogue catalogue;
    private final AdjustmentProcedures procedures;

    Shapes(Catalogue catalogue, AdjustmentProcedures procedures) {
        this.catalogue = catalogue;
        this.procedures = procedures;
    }

    /** The bearings of a wheel end as far as they are known. */
    record Bearings(Optional<SetDesignation> inboard, Optional<SetDesignation> outboard) {

        static Bearings of(List<FittedPart> fitted) {
            return new Bearings(at(PartPlace.INBOARD_BEARING, fitted), at(PartPlace.OUTBOARD_BEARING, fitted));
        }

        Bearings with(PartPlace place, Optional<SetDesignation> set) {
            return switch (place) {
                case INBOARD_BEARING -> new Bearings(set, outboard);
                case OUTBOARD_BEARING -> new Bearings(inboard, set);
                default -> this;
            };
        }

        private static Optional<SetDesignation> at(PartPlace place, List<FittedPart> fitted) {
            return fitted.stream()
                    .filter(part -> part.isFitted() && part.place() == place)
                    .findFirst()
                    .flatMap(FittedPart::set);
        }
    }

    /** The shape; what cannot go together is noted under {@code path}. */
    @Nullable
    WheelEndShape check(WheelEndBuild build, Bearings bearings, String path, FieldErrors errors) {
        if (procedures.find(build.procedure()).isEmpty()) {
            errors.add(
                    path + "procedure",
                    build.procedure().value(),
                    "is no procedure of this workshop; choose one of the list");
        }
        Map<Quantity, String> fields = new HashMap<>();
        Arrays.stream(HubDimension.values())
                .forEach(dimension -> fields.put(dimension, path + "dimensions." + dimension));
        fields.put(EnteredQuantity.SPINDLE_THREAD, path + "thread.nominalDiameterMillimetres");
        return errors.at(path + "construction", fields, () -> shape(build, bearings));
    }

    WheelEndShape shape(WheelEndBuild build, Bearings bearings) {
        List<BearingSet> sets = catalogue.sets();
        return new ShapeAssumption(
                        build.construction(),
                        bearings.inboard().flatMap(designation -> find(designation, sets)),
                        bearings.outboard().flatMap(designation -> find(designation, sets)),
                        build.thread().nominalDiameter(),
                        Fastening.of(build.lock()),
                        build.fittings(),
                        build.dimensions(),
                        sets)
                .shape();
    }

    private static Optional<BearingSet> find(SetDesignation designation, List<BearingSet> sets) {
        return sets.stream()
                .filter(set -> set.designation().equals(designation))
                .findFirst();
    }
}
