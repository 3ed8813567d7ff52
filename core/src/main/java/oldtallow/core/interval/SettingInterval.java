package oldtallow.core.interval;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import oldtallow.core.endplay.EndPlayVerdict;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * How long a setting may stand before the wheel end is opened, inspected and set again.
 *
 * @param months 1 to 120
 */
public record SettingInterval(int months) {

    /** Once a year, the sooner limit of most schools: common practice. */
    public static final SettingInterval COMMON_PRACTICE = new SettingInterval(12);

    /** From how many days before it is due a mechanic wants to be told: common practice. */
    private static final int SOON_DAYS = 30;

    public SettingInterval {
        if (!(months >= 1 && months <= 120)) {
            throw new OutOfRangeException("setting interval", months, "1 to 120 months");
        }
    }

    public LocalDate due(LocalDate lastSet) {
        return lastSet.plusMonths(months);
    }

    /** Days from today until due; negative once it is overdue. */
    public long daysLeft(LocalDate lastSet, LocalDate today) {
        return ChronoUnit.DAYS.between(today, due(lastSet));
    }

    /**
     * How a wheel end stands whose last setting was this one.
     *
     * @param awaitsSignOff whether an apprentice made it and no mechanic answers for it yet
     */
    public HubState judge(EndPlayVerdict lastVerdict, boolean awaitsSignOff, LocalDate lastSet, LocalDate today) {
        if (lastVerdict != EndPlayVerdict.INSIDE) {
            return HubState.OUTSIDE_WINDOW;
        }
        if (awaitsSignOff) {
            return HubState.AWAITS_SIGN_OFF;
        }
        long left = daysLeft(lastSet, today);
        if (left < 0) {
            return HubState.OVERDUE;
        }
        return left <= SOON_DAYS ? HubState.DUE_SOON : HubState.FINE;
    }
}
