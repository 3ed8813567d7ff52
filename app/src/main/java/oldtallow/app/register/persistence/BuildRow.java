package oldtallow.app.register.persistence;

import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.Fittings.Spacing;
import oldtallow.core.hub.Fittings.WasherKind;
import oldtallow.core.hub.Fittings.WheelFixing;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.quantity.Length;
import oldtallow.db.tables.records.WheelEndBuildRecord;
import org.jooq.JSONB;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/** Builds to and from the columns of their table. */
final class BuildRow {

    private static final JsonMapper JSON = JsonMapper.shared();
    private static final ObjectReader DIMENSIONS = JSON.readerFor(new TypeReference<Map<HubDimension, Double>>() {});

    private BuildRow() {}

    static WheelEndBuild read(WheelEndBuildRecord row) {
        return new WheelEndBuild(
                row.getSince(),
                Construction.valueOf(row.getConstruction()),
                row.getThreadDesignation(),
                new ScrewThread(
                        Length.ofMicrometres(row.getThreadPitchUm()),
                        ThreadHand.valueOf(row.getThreadHand()),
                        Length.ofMicrometres(row.getThreadDiameterUm())),
                LockColumns.read(row),
                new ProcedureId(row.getProcedure()),
                new Fittings(
                        SealKind.valueOf(row.getSeal()),
                        CapKind.valueOf(row.getCap()),
                        BrakeKind.valueOf(row.getBrake()),
                        CavityFill.valueOf(row.getCavity()),
                        WasherKind.valueOf(row.getWasher()),
                        Spacing.valueOf(row.getSpacing()),
                        SnapRing.valueOf(row.getSnapRing()),
                        WheelFixing.valueOf(row.getWheelFixing())),
                dimensions(row.getDimensionsUm()));
    }

    static WheelEndBuildRecord record(UUID wheelEndId, WheelEndBuild build) {
        var row = new WheelEndBuildRecord();
        row.setWorkshopId(CurrentPerson.workshopId());
        row.setWheelEndId(wheelEndId);
        row.setSince(build.since());
        row.setConstruction(build.construction().name());
        row.setThreadDesignation(build.threadDesignation());
        row.setThreadPitchUm(build.thread().pitch().micrometres());
        row.setThreadDiameterUm(build.thread().nominalDiameter().micrometres());
        row.setThreadHand(build.thread().hand().name());
        LockColumns.write(build.lock(), row);
        row.setProcedure(build.procedure().value());
        row.setSeal(build.fittings().seal().name());
        row.setCap(build.fittings().cap().name());
        row.setBrake(build.fittings().brake().name());
        row.setCavity(build.fittings().cavity().name());
        row.setWasher(build.fittings().washer().name());
        row.setSpacing(build.fittings().spacing().name());
        row.setSnapRing(build.fittings().snapRing().name());
        row.setWheelFixing(build.fittings().wheel().name());
        Map<String, Double> micrometres = new TreeMap<>();
        build.dimensions().forEach((dimension, length) -> micrometres.put(dimension.name(), length.micrometres()));
        row.setDimensionsUm(JSONB.valueOf(JSON.writeValueAsString(micrometres)));
        return row;
    }

    private static Map<HubDimension, Length> dimensions(JSONB json) {
        Map<HubDimension, Length> dimensions = new EnumMap<>(HubDimension.class);
        DIMENSIONS
                .<Map<HubDimension, Double>>readValue(json.data())
                .forEach((dimension, micrometres) -> dimensions.put(dimension, Length.ofMicrometres(micrometres)));
        return dimensions;
    }
}
