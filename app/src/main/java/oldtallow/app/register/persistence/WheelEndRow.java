package oldtallow.app.register.persistence;

import java.util.List;
import java.util.UUID;
import oldtallow.app.register.Side;
import oldtallow.app.register.SpindleNut;
import oldtallow.app.register.WheelEnd;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.endplay.GoverningFigure;
import oldtallow.core.quantity.Length;
import oldtallow.core.sequence.NutSchool;
import oldtallow.core.thread.Hand;
import oldtallow.core.thread.ScrewThread;
import oldtallow.db.tables.records.WheelEndRecord;
import org.jspecify.annotations.Nullable;

/** A row of the wheel end table with what its domain object takes from the tables around it. */
record WheelEndRow(
        WheelEndRecord row,
        UUID rigId,
        String rigName,
        int axlePosition,
        int axleCount,
        List<GoverningFigure<EndPlayWindow>> windows) {

    UUID axleId() {
        return row.getAxleId();
    }

    WheelEnd wheelEnd() {
        return new WheelEnd(
                row.getId(),
                rigId,
                rigName,
                axlePosition,
                axleCount,
                Side.valueOf(row.getSide()),
                row.getConstruction(),
                nut(),
                NutSchool.valueOf(row.getSchool()),
                windows);
    }

    static WheelEndRecord record(UUID workshopId, UUID axleId, WheelEnd end) {
        var row = new WheelEndRecord();
        row.setId(end.id());
        row.setWorkshopId(workshopId);
        row.setAxleId(axleId);
        row.setSide(end.side().name());
        row.setConstruction(end.construction());
        row.setSchool(end.school().name());
        SpindleNut nut = end.nut();
        row.setThreadDesignation(nut.threadDesignation());
        row.setThreadPitchUm(nut.thread().pitch().micrometres());
        row.setThreadDiameterUm(nut.thread().nominalDiameter().micrometres());
        row.setThreadHand(nut.thread().hand().name());
        LockColumns.write(nut.lock(), row);
        @Nullable Length washer = nut.washerThickness();
        if (washer != null) {
            row.setWasherThicknessUm(washer.micrometres());
        }
        return row;
    }

    private SpindleNut nut() {
        var thread = new ScrewThread(
                Length.ofMicrometres(row.getThreadPitchUm()),
                Hand.valueOf(row.getThreadHand()),
                Length.ofMicrometres(row.getThreadDiameterUm()));
        @Nullable Double washer = row.getWasherThicknessUm();
        return new SpindleNut(
                row.getThreadDesignation(),
                thread,
                LockColumns.read(row),
                washer == null ? null : Length.ofMicrometres(washer));
    }
}
