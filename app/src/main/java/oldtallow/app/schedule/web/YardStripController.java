package oldtallow.app.schedule.web;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import oldtallow.app.schedule.api.DueList;
import oldtallow.app.schedule.api.YardStrips;
import oldtallow.app.schedule.model.Trip;
import oldtallow.core.schedule.distance.UseRate;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class YardStripController {

    private final YardStrips strips;
    private final Clock clock;

    YardStripController(YardStrips strips, Clock clock) {
        this.strips = strips;
        this.clock = clock;
    }

    /** The year ahead of the rigs that press most. */
    @GetMapping("/api/v1/almanac/strip")
    YardStripView strip() {
        LocalDate today = LocalDate.now(clock);
        LocalDate first = today.withDayOfMonth(1);
        return new YardStripView(
                today,
                first,
                first.plusMonths(13).minusDays(1),
                strips.lanes().stream().map(lane -> LaneView.of(lane, today)).toList());
    }

    /**
     * A strip of the yard.
     *
     * @param from first day on it
     * @param to last day on it
     */
    record YardStripView(LocalDate today, LocalDate from, LocalDate to, List<LaneView> lanes) {}

    /** @param yearlyKm an estimate; left out where nothing tells */
    record LaneView(
            UUID rigId, String rigName, @Nullable Double yearlyKm, List<LaneDueView> dues, List<LaneTripView> trips) {

        static LaneView of(YardStrips.Lane lane, LocalDate today) {
            return new LaneView(
                    lane.rig().id(),
                    lane.rig().name(),
                    lane.odometry().rate().map(UseRate::yearlyKm).orElse(null),
                    lane.items().stream()
                            .map(item -> LaneDueView.of(item, lane, today))
                            .toList(),
                    lane.usage().trips().stream()
                            .filter(trip -> trip.counts() && !trip.to().isBefore(today.withDayOfMonth(1)))
                            .map(LaneTripView::of)
                            .toList());
        }
    }

    /**
     * Something due on a lane.
     *
     * @param wheelEnds at how many
     * @param kmToGo expected until then; an estimate
     */
    record LaneDueView(DueView due, int wheelEnds, double kmToGo) {

        static LaneDueView of(DueList.Item item, YardStrips.Lane lane, LocalDate today) {
            return new LaneDueView(
                    DueView.of(item.due(), today),
                    item.standings().size(),
                    lane.kmUntil(today, item.due().when().likely()));
        }
    }

    /** @param wet whether its legs take the hubs under water */
    record LaneTripView(UUID id, String name, LocalDate from, LocalDate to, double km, boolean wet) {

        static LaneTripView of(Trip trip) {
            return new LaneTripView(
                    trip.id(),
                    trip.name(),
                    trip.from(),
                    trip.to(),
                    trip.km(),
                    !trip.water().isEmpty());
        }
    }
}
