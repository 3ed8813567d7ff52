package oldtallow.app.register.model;

import java.time.LocalDate;
import java.time.Year;
import java.util.Set;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;

/** What is entered about a rig, apart from its axles. */
public record RigEntry(
        RigKind kind,
        String name,
        String plate,
        Rig.Owner owner,
        @Nullable Integer builtIn,
        Set<Rig.Use> uses,
        Rig.Distance distance,
        Rig.Plan plan) {

    private static final int MOST_KM = 5_000_000;
    private static final int MOST_YEARLY_KM = 300_000;
    private static final int OLDEST = 1900;

    public RigEntry {
        name = name.strip();
        plate = plate.strip();
        owner = new Rig.Owner(owner.name().strip(), owner.contact().strip());
        uses = Set.copyOf(uses);
    }

    public void check(FieldErrors errors, LocalDate today) {
        if (name.isEmpty() || name.length() > 80) {
            errors.add("name", name, "must be 1 to 80 characters");
        }
        errors.atMost("plate", plate, 20);
        errors.atMost("ownerName", owner.name(), 80);
        errors.atMost("ownerContact", owner.contact(), 200);
        if (builtIn != null && (builtIn < OLDEST || builtIn > Year.from(today).getValue() + 1)) {
            errors.add("builtIn", builtIn, "must be a year from 1900 to next year");
        }
        outside("distance.km", distance.km(), 0, MOST_KM, "km", errors);
        outside("distance.yearlyKm", distance.yearlyKm(), 0, MOST_YEARLY_KM, "km a year", errors);
        if ((distance.km() == null) != (distance.readOn() == null)) {
            errors.add(
                    distance.km() == null ? "distance.km" : "distance.readOn",
                    null,
                    "is missing; a reading needs both the number and its day");
        } else if (distance.readOn() != null && distance.readOn().isAfter(today)) {
            errors.add(
                    "distance.readOn",
                    distance.readOn(),
                    "is in the future; give the day it was read, today at the latest");
        }
        outside("lengthMillimetres", plan.lengthMillimetres(), 500, 25_000, "mm", errors);
        outside("widthMillimetres", plan.widthMillimetres(), 300, 4000, "mm", errors);
        outside("drawbarMillimetres", plan.drawbarMillimetres(), 0, 4000, "mm", errors);
    }

    private static void outside(
            String field, @Nullable Integer value, int least, int most, String unit, FieldErrors errors) {
        if (value != null && (value < least || value > most)) {
            errors.add(field, value, "must be " + least + " to " + most + " " + unit);
        }
    }
}
