package oldtallow.app.identity.model;

import oldtallow.core.stock.Money;

/**
 * What the workshop's time costs.
 *
 * @param hour of a mechanic
 * @param sundries rags, solvent, oil for one job
 * @param standingDay a day on which a rig stands in the bay and waits
 * @param version grows with every change; 0 before the first
 */
public record Rates(Money hour, Money sundries, Money standingDay, int version) {

    public boolean isSameAs(Rates other) {
        return hour.equals(other.hour) && sundries.equals(other.sundries) && standingDay.equals(other.standingDay);
    }
}
