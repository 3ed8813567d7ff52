package oldtallow.core.schedule.distance;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oldtallow.core.quantity.Digits;

/**
 * How far a rig had run on each day: kilometres since its first entry, straight between entries. Meters swapped and rolled
 * over are joined into one.
 *
 * @param points by day, from 0 km
 */
public record DistanceLine(List<Point> points) {

    /** More in a day than anybody drives. */
    private static final double MOST_A_DAY = 2_500;

    /** So far by the end of that day. */
    public record Point(LocalDate on, double km) {}

    public DistanceLine {
        points = List.copyOf(points);
        if (points.isEmpty()) {
            throw new IllegalArgumentException("a line needs a first day");
        }
    }

    /** What keeps entries from making a line, each with its day; empty when they make one. */
    public static List<MeterSlip> slips(List<MeterEntry> entries) {
        List<MeterSlip> slips = new ArrayList<>();
        List<MeterEntry> sorted = sorted(entries);
        for (int i = 1; i < sorted.size(); i++) {
            MeterEntry before = sorted.get(i - 1);
            MeterEntry entry = sorted.get(i);
            slip(before, entry).ifPresent(says -> slips.add(new MeterSlip(entry.on(), says)));
        }
        return slips;
    }

    private static Optional<String> slip(MeterEntry before, MeterEntry entry) {
        long days = ChronoUnit.DAYS.between(before.on(), entry.on());
        if (days == 0) {
            return Optional.of("has two readings of " + entry.on() + ", " + plain(before.shows()) + " and "
                    + plain(entry.shows()) + " km; keep one and correct it");
        }
        double run = entry.since(before);
        if (run < 0) {
            return Optional.of("goes back: " + plain(entry.shows()) + " km on " + entry.on() + " after "
                    + plain(before.shows()) + " km on " + before.on()
                    + "; correct the one that is wrong, or say that the meter was changed or rolled over");
        }
        if (run > MOST_A_DAY * days) {
            return Optional.of("runs " + plain(run) + " km in " + days + (days == 1 ? " day" : " days") + " up to "
                    + entry.on() + "; a figure too many, or miles among kilometres?");
        }
        return Optional.empty();
    }

    /** The line through entries without slips; empty where there are none. */
    public static Optional<DistanceLine> of(List<MeterEntry> entries) {
        List<MeterSlip> slips = slips(entries);
        if (!slips.isEmpty()) {
            throw new IllegalArgumentException("the meter " + slips.getFirst().says());
        }
        List<MeterEntry> sorted = sorted(entries);
        List<Point> points = new ArrayList<>();
        double km = 0;
        for (int i = 0; i < sorted.size(); i++) {
            km += i == 0 ? 0 : sorted.get(i).since(sorted.get(i - 1));
            points.add(new Point(sorted.get(i).on(), km));
        }
        return points.isEmpty() ? Optional.empty() : Optional.of(new DistanceLine(points));
    }

    public Point last() {
        return points.getLast();
    }

    /** Kilometres by the end of a day within the line, straight between entries; held at its ends. */
    public double at(LocalDate day) {
        Point before = points.getFirst();
        if (before.on.isAfter(day)) {
            return before.km;
        }
        for (Point point : points) {
            if (point.on.isAfter(day)) {
                double share =
                        (double) ChronoUnit.DAYS.between(before.on, day) / ChronoUnit.DAYS.between(before.on, point.on);
                return before.km + share * (point.km - before.km);
            }
            before = point;
        }
        return before.km;
    }

    private static List<MeterEntry> sorted(List<MeterEntry> entries) {
        return entries.stream().sorted(Comparator.comparing(MeterEntry::on)).toList();
    }

    private static String plain(double km) {
        return Digits.grouped(km);
    }
}
