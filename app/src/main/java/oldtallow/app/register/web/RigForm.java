package oldtallow.app.register.web;

import java.time.LocalDate;
import java.util.Set;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigEntry;
import oldtallow.app.register.model.RigKind;
import org.jspecify.annotations.Nullable;

/** What is entered about a rig, apart from its axles. Sizes that are left out are the usual ones for its kind. */
record RigForm(
        RigKind kind,
        String name,
        String plate,
        @Nullable String ownerName,
        @Nullable String ownerContact,
        @Nullable Integer builtIn,
        Set<Rig.Use> uses,
        DistanceForm distance,
        @Nullable Integer lengthMillimetres,
        @Nullable Integer widthMillimetres,
        @Nullable Integer drawbarMillimetres) {

    /** How the distance is known. */
    record DistanceForm(
            Rig.Distance.By by,
            @Nullable Integer km,
            @Nullable LocalDate readOn,
            @Nullable Integer yearlyKm) {}

    RigEntry toEntry() {
        Rig.Plan usual = kind.plan();
        return new RigEntry(
                kind,
                name,
                plate,
                new Rig.Owner(ownerName == null ? "" : ownerName, ownerContact == null ? "" : ownerContact),
                builtIn,
                uses,
                new Rig.Distance(distance.by(), distance.km(), distance.readOn(), distance.yearlyKm()),
                new Rig.Plan(
                        lengthMillimetres == null ? usual.lengthMillimetres() : lengthMillimetres,
                        widthMillimetres == null ? usual.widthMillimetres() : widthMillimetres,
                        drawbarMillimetres == null ? usual.drawbarMillimetres() : drawbarMillimetres));
    }

    static RigForm of(Rig rig) {
        return new RigForm(
                rig.kind(),
                rig.name(),
                rig.plate(),
                rig.owner().name(),
                rig.owner().contact(),
                rig.builtIn(),
                rig.uses(),
                new DistanceForm(
                        rig.distance().by(),
                        rig.distance().km(),
                        rig.distance().readOn(),
                        rig.distance().yearlyKm()),
                rig.plan().lengthMillimetres(),
                rig.plan().widthMillimetres(),
                rig.plan().drawbarMillimetres());
    }
}
