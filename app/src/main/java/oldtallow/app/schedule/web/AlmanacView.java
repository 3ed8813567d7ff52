package oldtallow.app.schedule.web;

import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import oldtallow.app.register.model.Side;
import oldtallow.app.schedule.model.DueStore.Told;
import oldtallow.app.schedule.model.RigAlmanac;
import oldtallow.app.schedule.model.ServiceEvent;
import oldtallow.app.schedule.model.Trip;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.core.schedule.almanac.WaterEntry;
import oldtallow.core.schedule.distance.DistanceLine;
import oldtallow.core.schedule.distance.Odometry;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.HubState;
import org.jspecify.annotations.Nullable;

/**
 * The almanac of a rig.
 *
 * @param months a year back and a year ahead
 * @param water by day, planned too
 */
record AlmanacView(
        UUID rigId,
        String rigName,
        LocalDate today,
        List<EndView> wheelEnds,
        List<MonthView> months,
        List<StripTripView> trips,
        List<WaterMarkView> water,
        List<ToldView> told) {

    private static final int MONTHS_BACK = 12;
    private static final int MONTHS_AHEAD = 12;

    static AlmanacView of(RigAlmanac almanac) {
        Map<UUID, String> names = new HashMap<>();
        almanac.rig().wheelEnds().forEach(end -> names.put(end.id(), end.positionName()));
        return new AlmanacView(
                almanac.rig().id(),
                almanac.rig().name(),
                almanac.today(),
                almanac.standings().stream()
                        .map(standing -> EndView.of(standing, almanac))
                        .toList(),
                months(almanac),
                almanac.usage().trips().stream()
                        .filter(Trip::counts)
                        .map(trip -> new StripTripView(
                                trip.id(), trip.name(), trip.state(), trip.from(), trip.to(), trip.km()))
                        .toList(),
                almanac.usage().use(almanac.odometry(), almanac.today()).water().stream()
                        .map(entry -> new WaterMarkView(entry.on(), entry.kind()))
                        .toList(),
                almanac.told().stream().map(told -> ToldView.of(told, names)).toList());
    }

    /** What it ran or is expected to run in a month. */
    private static List<MonthView> months(RigAlmanac almanac) {
        Odometry odometry = almanac.odometry();
        YearMonth first = YearMonth.from(almanac.today()).minusMonths(MONTHS_BACK);
        LocalDate known = odometry.line()
                .map(DistanceLine::last)
                .map(DistanceLine.Point::on)
                .orElse(LocalDate.MIN);
        List<MonthView> months = new ArrayList<>();
        for (int i = 0; i <= MONTHS_BACK + MONTHS_AHEAD; i++) {
            YearMonth month = first.plusMonths(i);
            double km = odometry.at(month.atEndOfMonth())
                    - odometry.at(month.atDay(1).minusDays(1));
            months.add(new MonthView(
                    month.atDay(1), Math.max(0, km), month.atEndOfMonth().isAfter(known)));
        }
        return months;
    }

    /** A month's distance; expected where the meter has not shown all of it. */
    record MonthView(LocalDate from, double km, boolean expected) {}

    record StripTripView(UUID id, String name, Trip.State state, LocalDate from, LocalDate to, double km) {}

    record WaterMarkView(LocalDate on, WaterEntry.Kind kind) {}

    /** A due date that moved, and why. */
    record ToldView(
            UUID wheelEndId,
            String position,
            Instant at,
            DueAction action,
            String words,
            @Nullable LocalDate was,
            @Nullable LocalDate is,
            String why) {

        static ToldView of(Told told, Map<UUID, String> names) {
            return new ToldView(
                    told.change().wheelEndId(),
                    names.getOrDefault(told.change().wheelEndId(), ""),
                    told.at(),
                    told.change().action(),
                    told.change().action().words(),
                    told.change().was(),
                    told.change().is(),
                    told.change().why());
        }
    }

    /** Something that was done. */
    record ServiceDoneView(UUID id, ServiceEvent.Kind kind, String words, LocalDate on, String person, String note) {}

    /**
     * A wheel end.
     *
     * @param dues most pressing first
     * @param done latest first
     */
    record EndView(
            UUID id, String position, Side side, HubState state, List<DueView> dues, List<ServiceDoneView> done) {

        static EndView of(WheelEndStatus standing, RigAlmanac almanac) {
            return new EndView(
                    standing.wheelEnd().id(),
                    standing.wheelEnd().positionName(),
                    standing.wheelEnd().side(),
                    standing.state(),
                    standing.dues().stream()
                            .map(due -> DueView.of(due, almanac.today()))
                            .toList(),
                    almanac.done().stream()
                            .filter(event -> event.wheelEndId()
                                    .equals(standing.wheelEnd().id()))
                            .sorted(Comparator.comparing(ServiceEvent::on).reversed())
                            .map(event -> new ServiceDoneView(
                                    event.id(),
                                    event.kind(),
                                    event.kind().words(),
                                    event.on(),
                                    event.person(),
                                    event.note()))
                            .toList());
        }
    }
}
