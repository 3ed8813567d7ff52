package oldtallow.app.register.persistence;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.LockPlate;
import oldtallow.core.fastening.lock.PushOnRetainer;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.TangWasher;
import oldtallow.core.quantity.Turn;
import oldtallow.db.tables.records.WheelEndBuildRecord;

/** Locks to and from the columns of a build, which the table's checks keep complete for their kind. */
final class LockColumns {

    private LockColumns() {}

    static LockPattern read(WheelEndBuildRecord row) {
        return switch (row.getLockKind()) {
            case "CASTLE_NUT" -> new CastleNut(row.getLockSlots(), marks(row));
            case "SEATED_RETAINER" ->
                new SeatedRetainer(
                        row.getLockSlots(), row.getLockSeats(), Turn.ofDegrees(row.getLockOffsetDeg()), marks(row));
            case "PUSH_ON_RETAINER" -> new PushOnRetainer(row.getLockSeats(), marks(row));
            case "TANG_WASHER" -> new TangWasher(row.getLockFlats(), marks(row));
            case "LOCK_PLATE" -> new LockPlate(row.getLockPlateHoles(), row.getLockRingHoles(), row.getLockScrews());
            case "TWO_NUTS" -> FreeAngleLock.TWO_NUTS;
            case "STAKED_COLLAR" -> FreeAngleLock.STAKED_COLLAR;
            default -> throw new IllegalStateException("unknown lock kind " + row.getLockKind());
        };
    }

    static void write(LockPattern lock, WheelEndBuildRecord row) {
        row.setLockSlots(null);
        row.setLockSeats(null);
        row.setLockFlats(null);
        row.setLockPlateHoles(null);
        row.setLockRingHoles(null);
        row.setLockScrews(null);
        row.setLockMarksDeg(new BigDecimal[0]);
        row.setLockOffsetDeg(BigDecimal.ZERO);
        switch (lock) {
            case CastleNut nut -> {
                row.setLockKind("CASTLE_NUT");
                row.setLockSlots((short) nut.slots());
                row.setLockMarksDeg(degrees(nut.holes()));
            }
            case SeatedRetainer retainer -> {
                row.setLockKind("SEATED_RETAINER");
                row.setLockSlots((short) retainer.slots());
                row.setLockSeats((short) retainer.seats());
                row.setLockOffsetDeg(BigDecimal.valueOf(retainer.offset().degrees()));
                row.setLockMarksDeg(degrees(retainer.holes()));
            }
            case PushOnRetainer retainer -> {
                row.setLockKind("PUSH_ON_RETAINER");
                row.setLockSeats((short) retainer.seats());
                row.setLockMarksDeg(degrees(retainer.flats()));
            }
            case TangWasher washer -> {
                row.setLockKind("TANG_WASHER");
                row.setLockFlats((short) washer.flats());
                row.setLockMarksDeg(degrees(washer.tangs()));
            }
            case LockPlate plate -> {
                row.setLockKind("LOCK_PLATE");
                row.setLockPlateHoles((short) plate.plateHoles());
                row.setLockRingHoles((short) plate.ringHoles());
                row.setLockScrews((short) plate.screws());
            }
            case FreeAngleLock free -> row.setLockKind(free.name());
        }
    }

    private static List<Turn> marks(WheelEndBuildRecord row) {
        return Arrays.stream(row.getLockMarksDeg()).map(Turn::ofDegrees).toList();
    }

    private static BigDecimal[] degrees(List<Turn> marks) {
        return marks.stream().map(mark -> BigDecimal.valueOf(mark.degrees())).toArray(BigDecimal[]::new);
    }
}
