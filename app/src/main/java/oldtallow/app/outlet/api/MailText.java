package oldtallow.app.outlet.api;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.schedule.api.DueList;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.interval.HubState;

/**
 * What a reminder says: what is late, what is due soon.
 *
 * @param subject the worst of it
 */
record MailText(String subject, String body) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.ENGLISH);

    /**
     * Of items that are due.
     *
     * @param items most pressing first; not empty
     */
    static MailText of(List<DueList.Item> items, LocalDate today, String address) {
        long open = items.stream().filter(DueList.Item::isOutside).count();
        long late = items.stream()
                .filter(item -> !item.isOutside() && isLate(item, today))
                .count();
        String subject = Stream.of(
                        counted(open, "to open now"),
                        counted(late, "late"),
                        counted(items.size() - open - late, "due soon"))
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(", "));
        String lines = items.stream().map(item -> line(item, today)).collect(Collectors.joining("\n"));
        return new MailText(
                "Old Tallow: " + subject,
                "%s\n\nThe whole almanac: %s/almanac\nThis mail comes because you asked for it there, under reminders.\n"
                        .formatted(lines, address));
    }

    private static String line(DueList.Item item, LocalDate today) {
        Due due = item.due();
        String where = item.standings().stream()
                .map(WheelEndStatus::wheelEnd)
                .map(end -> end.positionName())
                .collect(Collectors.joining(", "));
        String day = DAY.format(due.when().likely());
        String when = item.isOutside()
                ? day + "; NOW: " + HubState.OUTSIDE_WINDOW.words()
                : isLate(item, today) ? "LATE, due " + day : day;
        return "%s: %s (%s)%n  %s, %s%s"
                .formatted(
                        item.rig().name(),
                        due.action().words(),
                        where,
                        when,
                        due.governs().trigger().words(),
                        isLate(item, today)
                                ? System.lineSeparator() + "  " + due.action().ifLate()
                                : "");
    }

    private static String counted(long many, String what) {
        return many == 0 ? "" : many + " " + what;
    }

    private static boolean isLate(DueList.Item item, LocalDate today) {
        return item.due().when().likely().isBefore(today);
    }
}
