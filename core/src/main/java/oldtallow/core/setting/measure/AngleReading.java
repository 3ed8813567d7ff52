package oldtallow.core.setting.measure;

import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * A turn of the nut as it was seen, and the end play that goes with what it is uncertain by.
 *
 * @param degrees −360 to 720
 * @param readTo how well it was seen: by eye against a slot 2°, on a protractor 0.5° (common practice); 0.1 to 15
 */
public record AngleReading(ScrewThread thread, double degrees, double readTo) {

    /** Against a slot, by eye: common practice. */
    public static final double BY_EYE = 2;

    public AngleReading {
        if (!(degrees >= -360 && degrees <= 720)) {
            throw new OutOfRangeException(EnteredQuantity.TURN_OF_NUT, degrees + "°", "−360° to 720°");
        }
        if (!(readTo >= 0.1 && readTo <= 15)) {
            throw new OutOfRangeException(EnteredQuantity.ANGLE_SEEN_TO, readTo + "°", "0.1° to 15°");
        }
    }

    public Length travel() {
        return thread.pitch().times(degrees / 360);
    }

    /** Expanded uncertainty of the end play it means, k = 2. */
    public Length uncertainty() {
        return thread.pitch().times(readTo / 360);
    }
}
