package oldtallow.app.register.persistence;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigEntry;
import oldtallow.app.register.model.RigKind;
import oldtallow.db.tables.records.RigRecord;
import org.jspecify.annotations.Nullable;

/** Rigs to and from the columns of their table. */
final class RigRow {

    private RigRow() {}

    static Rig read(RigRecord row, List<Rig.Axle> axles) {
        @Nullable Short builtIn = row.getBuiltIn();
        return new Rig(
                row.getId(),
                row.getVersion(),
                row.getYardNumber(),
                RigKind.valueOf(row.getKind()),
                row.getName(),
                row.getPlate(),
                new Rig.Owner(row.getOwnerName(), row.getOwnerContact()),
                builtIn == null ? null : builtIn.intValue(),
                Arrays.stream(row.getUses()).map(Rig.Use::valueOf).collect(Collectors.toSet()),
                new Rig.Distance(
                        Rig.Distance.By.valueOf(row.getDistanceBy()),
                        row.getDistanceKm(),
                        row.getDistanceReadOn(),
                        row.getYearlyKm()),
                new Rig.Plan(row.getLengthMm(), row.getWidthMm(), row.getDrawbarMm()),
                axles);
    }

    static void write(RigEntry entry, RigRecord row) {
        row.setKind(entry.kind().name());
        row.setName(entry.name());
        row.setPlate(entry.plate());
        row.setOwnerName(entry.owner().name());
        row.setOwnerContact(entry.owner().contact());
        @Nullable Integer builtIn = entry.builtIn();
        row.setBuiltIn(builtIn == null ? null : builtIn.shortValue());
        row.setUses(entry.uses().stream().map(Rig.Use::name).sorted().toArray(String[]::new));
        row.setDistanceBy(entry.distance().by().name());
        row.setDistanceKm(entry.distance().km());
        row.setDistanceReadOn(entry.distance().readOn());
        row.setYearlyKm(entry.distance().yearlyKm());
        row.setLengthMm(entry.plan().lengthMillimetres());
        row.setWidthMm(entry.plan().widthMillimetres());
        row.setDrawbarMm(entry.plan().drawbarMillimetres());
    }
}
