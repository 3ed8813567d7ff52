package oldtallow.app.schedule.web;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.interval.DueAction;

/**
 * Something that falls due.
 *
 * @param earliest in one of ten cases sooner than this, and later than {@code latest} in another: an estimate
 * @param by the rule that comes first, in words
 * @param hardUse why that is shorter than on file; empty where it is not
 * @param ifLate what fails
 * @param daysLeft negative once overdue
 */
record DueView(
        DueAction action,
        String words,
        LocalDate likely,
        LocalDate earliest,
        LocalDate latest,
        boolean certain,
        String by,
        Authority authority,
        String source,
        String hardUse,
        LocalDate since,
        String ifLate,
        long daysLeft) {

    static DueView of(Due due, LocalDate today) {
        return new DueView(
                due.action(),
                due.action().words(),
                due.when().likely(),
                due.when().earliest(),
                due.when().latest(),
                due.when().isCertain(),
                due.governs().trigger().words(),
                due.governs().authority(),
                due.governs().source(),
                due.governs().hardUse(),
                due.since().on(),
                due.action().ifLate(),
                ChronoUnit.DAYS.between(today, due.when().likely()));
    }
}
