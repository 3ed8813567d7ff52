package oldtallow.app.setting.api;

import java.util.List;
import java.util.stream.Collectors;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.LockPlate;
import oldtallow.core.fastening.lock.PushOnRetainer;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.TangWasher;
import oldtallow.core.quantity.Turn;

/** A lock in the trade's words, kept with the setting so that history stays readable when the hub is changed. */
final class LockWords {

    private LockWords() {}

    static String of(LockPattern lock) {
        return switch (lock) {
            case CastleNut nut -> "castle nut, " + nut.slots() + " slots, " + marks("hole", nut.holes());
            case SeatedRetainer retainer ->
                retainer.slots() + "-slot retainer on a "
                        + (retainer.seats() == 6 ? "hex" : "twelve-point") + " nut, "
                        + (retainer.offset().equals(Turn.ZERO) ? "" : degrees(retainer.offset()) + " off its corners, ")
                        + marks("hole", retainer.holes());
            case PushOnRetainer retainer ->
                "push-on retainer, " + retainer.seats() + " seats, " + marks("flat", retainer.flats());
            case TangWasher washer -> "tang washer, " + washer.flats() + " flats, " + marks("tang", washer.tangs());
            case LockPlate plate ->
                "lock plate, " + plate.screws() + " screws, " + plate.plateHoles() + " on " + plate.ringHoles()
                        + " holes";
            case FreeAngleLock free ->
                free == FreeAngleLock.TWO_NUTS ? "two nuts with tab washer" : "staked collar, new nut";
        };
    }

    private static String marks(String name, List<Turn> marks) {
        if (marks.size() == 1) {
            return "one " + name;
        }
        return name + "s at " + marks.stream().map(LockWords::degrees).collect(Collectors.joining(", "));
    }

    private static String degrees(Turn angle) {
        double degrees = angle.degrees();
        return (degrees == Math.rint(degrees) ? Long.toString((long) degrees) : Double.toString(degrees)) + "°";
    }
}
