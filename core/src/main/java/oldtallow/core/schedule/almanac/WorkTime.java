package oldtallow.core.schedule.almanac;

import java.time.Duration;
import oldtallow.core.hub.Construction;
import oldtallow.core.schedule.interval.DueAction;

/**
 * How long what falls due takes at one wheel end, for planning a workshop's weeks. About half an hour a side for an unbraked
 * trailer is common practice; the rest is this product's own guess, in proportion to what has to come off.
 */
public final class WorkTime {

    private WorkTime() {}

    public static Duration usual(DueAction action, Construction construction) {
        return Duration.ofMinutes(
                switch (action) {
                    case RETORQUE, TOP_UP -> 5;
                    case INSPECT -> 10;
                    case ADJUST -> 20;
                    case REPACK -> opening(construction);
                    case RENEW -> opening(construction) + 30;
                });
    }

    private static int opening(Construction construction) {
        return switch (construction) {
            case STRAIGHT_SPINDLE, STEPPED_UNBRAKED -> 30;
            case STEPPED_BRAKED, GREASE_THROUGH -> 60;
            case ROTOR_HUB, CLASSIC_CAR -> 75;
            case SPACER_SET, FULL_FLOATING_REAR, DRIVE_FLANGE_FRONT, LOCKING_HUB_FRONT -> 120;
            case OIL_BATH_HEAVY -> 150;
        };
    }
}
