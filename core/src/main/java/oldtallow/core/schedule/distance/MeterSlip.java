package oldtallow.core.schedule.distance;

import java.time.LocalDate;

/**
 * Why entries of a meter cannot all be right.
 *
 * @param on of the entry that does not follow on
 * @param says what is wrong and what would put it right
 */
public record MeterSlip(LocalDate on, String says) {}
