package oldtallow.app.register.web;

import java.util.UUID;
import oldtallow.app.register.model.Side;
import oldtallow.app.register.model.WheelEnd;

/**
 * A wheel end.
 *
 * @param version counts the changes of its build
 * @param position the trade's name for it, such as front left
 */
record WheelEndView(
        UUID id,
        int version,
        UUID rigId,
        String rigName,
        UUID axleId,
        String position,
        Side side,
        String constructionWords,
        String special,
        BuildForm build) {

    static WheelEndView of(WheelEnd end) {
        return new WheelEndView(
                end.id(),
                end.version(),
                end.rigId(),
                end.rigName(),
                end.axleId(),
                end.positionName(),
                end.side(),
                end.construction().words(),
                end.construction().special(),
                BuildForm.of(end.build()));
    }
}
