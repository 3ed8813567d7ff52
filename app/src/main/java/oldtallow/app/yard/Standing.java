package oldtallow.app.yard;

import java.time.LocalDate;
import java.util.UUID;
import oldtallow.app.nut.SettingSummary;
import oldtallow.app.register.WheelEnd;
import oldtallow.core.figure.FigureValue;
import oldtallow.core.figure.GoverningFigure;
import oldtallow.core.interval.HubState;
import org.jspecify.annotations.Nullable;

/**
 * How a wheel end stands.
 *
 * @param daysLeft until it is due; negative once overdue; null without a setting on record
 * @param interval that governs here, and whose it is
 * @param openJobId job that is not over on this wheel end
 */
public record Standing(
        WheelEnd wheelEnd,
        HubState state,
        @Nullable SettingSummary lastSetting,
        @Nullable LocalDate dueOn,
        @Nullable Long daysLeft,
        GoverningFigure<FigureValue> interval,
        @Nullable UUID openJobId) {

    private static final int BY_DATE = 2;

    /** As {@link StandingStore.Rank}. */
    int urgency() {
        return switch (state) {
            case OUTSIDE_WINDOW -> 0;
            case AWAITS_SIGN_OFF -> 1;
            case OVERDUE, NO_RECORD, DUE_SOON, FINE -> BY_DATE;
        };
    }

    LocalDate attentionOn() {
        return dueOn == null ? wheelEnd.build().since() : dueOn;
    }
}
