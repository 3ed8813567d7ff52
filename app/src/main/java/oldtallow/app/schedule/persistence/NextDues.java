package oldtallow.app.schedule.persistence;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.schedule.model.DueStore.NextDue;
import oldtallow.core.schedule.interval.DueAction;

/**
 * What is due next at a rig's wheel ends, as it lies in three columns of its rank: what and where as one text
 * ({@code REPACK 5b0c…,INSPECT 71d2…}), days and minutes as arrays beside it. Thousands of ranks go in one statement, where
 * PostgreSQL takes lists of unlike length as texts only; one text of what and where is read and compared faster than two arrays.
 */
final class NextDues {

    private NextDues() {}

    static String what(List<NextDue> dues) {
        return joined(dues, due -> due.action().name() + " " + due.wheelEndId(), "", "");
    }

    /** As PostgreSQL writes an array of days. */
    static String days(List<NextDue> dues) {
        return joined(dues, due -> due.on().toString(), "{", "}");
    }

    /** As PostgreSQL writes an array of numbers. */
    static String minutes(List<NextDue> dues) {
        return joined(dues, due -> String.valueOf(due.minutes()), "{", "}");
    }

    /** Throws {@link IllegalStateException} where the columns do not belong together. */
    static List<NextDue> read(String what, LocalDate[] days, Integer[] minutes) {
        if (what.isEmpty()) {
            return List.of();
        }
        String[] parts = what.split(",", -1);
        if (parts.length != days.length || parts.length != minutes.length) {
            throw new IllegalStateException(
                    parts.length + " dues with " + days.length + " days and " + minutes.length + " times: " + what);
        }
        List<NextDue> dues = new ArrayList<>(parts.length);
        for (int i = 0; i < parts.length; i++) {
            int space = parts[i].indexOf(' ');
            dues.add(new NextDue(
                    UUID.fromString(parts[i].substring(space + 1)),
                    DueAction.valueOf(parts[i].substring(0, space)),
                    days[i],
                    minutes[i]));
        }
        return dues;
    }

    private static String joined(List<NextDue> dues, Function<NextDue, String> part, String before, String after) {
        return dues.stream().map(part).collect(Collectors.joining(",", before, after));
    }
}
