package oldtallow.core.setting.measure;

import java.util.EnumSet;
import java.util.Set;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.ReadingUnit;

/** Instruments that can be paired with the bench, and what each is used for. */
public enum Instrument {
    TORQUE_WRENCH(
            "torque wrench",
            ReadingUnit.NEWTON_METRE,
            EnumSet.of(ReadingKind.SEATING_TORQUE, ReadingKind.FINAL_TORQUE, ReadingKind.WHEEL_NUT_TORQUE)),
    DIAL_INDICATOR("dial indicator", ReadingUnit.MILLIMETRE, EnumSet.of(ReadingKind.END_PLAY, ReadingKind.ROCK)),
    THERMOMETER(
            "infrared thermometer",
            ReadingUnit.DEGREE_CELSIUS,
            EnumSet.of(ReadingKind.HUB_TEMPERATURE, ReadingKind.OTHER_HUB_TEMPERATURE)),
    SPRING_SCALE(
            "spring scale", ReadingUnit.NEWTON, EnumSet.of(ReadingKind.ROLLING_DRAG, ReadingKind.DRAG_WITH_NUT_LOOSE)),
    CALLIPER(
            "calliper",
            ReadingUnit.MILLIMETRE,
            EnumSet.of(
                    ReadingKind.SPINDLE_AT_INBOARD_SEAT,
                    ReadingKind.SPINDLE_AT_OUTBOARD_SEAT,
                    ReadingKind.CONE_BORE,
                    ReadingKind.CUP_OUTSIDE));

    private final String words;
    private final ReadingUnit unit;
    private final EnumSet<ReadingKind> takes;

    Instrument(String words, ReadingUnit unit, EnumSet<ReadingKind> takes) {
        this.words = words;
        this.unit = unit;
        this.takes = takes;
    }

    public String words() {
        return words;
    }

    /** Its dimension's first unit, in which its readings are kept. */
    public ReadingUnit unit() {
        return unit;
    }

    /** Readings it is used for. */
    public Set<ReadingKind> takes() {
        return Set.copyOf(takes);
    }
}
