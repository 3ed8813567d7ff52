package oldtallow.phone.kept;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.schedule.model.KeptEntry;
import oldtallow.app.schedule.model.ServiceEvent;
import oldtallow.app.schedule.model.ServiceStore;
import oldtallow.app.schedule.model.Trip;
import oldtallow.app.schedule.model.UsageStore;
import oldtallow.app.schedule.model.WarmthStop;
import oldtallow.app.schedule.model.WarmthStore;
import oldtallow.app.schedule.model.WaterNote;
import oldtallow.app.trackside.model.TakenAlong;

/** How the rigs ran and what was done to them. Stops are made here; the rest is written on the server. */
final class KeptSchedule {

    private KeptSchedule() {}

    static UsageStore usage(TakenAlong.Schedule taken) {
        return new Usage(taken.meters(), taken.trips(), taken.water());
    }

    static ServiceStore services(TakenAlong.Schedule taken) {
        return new Services(taken.services());
    }

    static WarmthStore stops(TakenAlong.Schedule taken) {
        return new Stops(new Rows<>(WarmthStop::id, taken.stops()));
    }

    private record Usage(List<KeptEntry> meters, List<Trip> trips, List<WaterNote> water) implements UsageStore {

        @Override
        public List<KeptEntry> meters(Collection<UUID> rigIds) {
            return meters.stream().filter(one -> rigIds.contains(one.rigId())).toList();
        }

        @Override
        public List<Trip> trips(Collection<UUID> rigIds) {
            return trips.stream().filter(one -> rigIds.contains(one.rigId())).toList();
        }

        @Override
        public List<WaterNote> water(Collection<UUID> rigIds) {
            return water.stream().filter(one -> rigIds.contains(one.rigId())).toList();
        }

        @Override
        public List<Trip> coming(LocalDate from, LocalDate to, int most) {
            return trips.stream()
                    .filter(trip -> trip.state() == Trip.State.PLANNED
                            && !trip.to().isBefore(from)
                            && !trip.from().isAfter(to))
                    .sorted(Comparator.comparing(Trip::from))
                    .limit(most)
                    .toList();
        }

        @Override
        public Optional<KeptEntry> meterEntry(UUID id) {
            return meters.stream().filter(one -> one.id().equals(id)).findFirst();
        }

        @Override
        public Optional<Trip> trip(UUID id) {
            return trips.stream().filter(one -> one.id().equals(id)).findFirst();
        }

        @Override
        public boolean put(KeptEntry entry) {
            throw Rows.needsServer();
        }

        @Override
        public boolean removeMeterEntry(UUID id, int version) {
            throw Rows.needsServer();
        }

        @Override
        public boolean put(Trip trip) {
            throw Rows.needsServer();
        }

        @Override
        public boolean add(WaterNote note) {
            throw Rows.needsServer();
        }

        @Override
        public Optional<UUID> removeWater(UUID id) {
            throw Rows.needsServer();
        }
    }

    private record Services(List<ServiceEvent> events) implements ServiceStore {

        @Override
        public List<ServiceEvent> of(Collection<UUID> wheelEndIds) {
            return events.stream()
                    .filter(one -> wheelEndIds.contains(one.wheelEndId()))
                    .toList();
        }

        @Override
        public void add(ServiceEvent event) {
            throw Rows.needsServer();
        }
    }

    private record Stops(Rows<WarmthStop> stops) implements WarmthStore {

        @Override
        public List<WarmthStop> last(UUID rigId, int most) {
            List<WarmthStop> all = inOrder(rigId);
            return all.subList(Math.max(0, all.size() - most), all.size());
        }

        private List<WarmthStop> inOrder(UUID rigId) {
            return stops.all()
                    .filter(stop -> stop.rigId().equals(rigId))
                    .sorted(Comparator.comparing(WarmthStop::at))
                    .toList();
        }

        @Override
        public List<WarmthStop> ofTrip(UUID tripId) {
            return stops.all()
                    .filter(stop -> tripId.equals(stop.tripId()))
                    .sorted(Comparator.comparing(WarmthStop::at))
                    .toList();
        }

        @Override
        public boolean add(WarmthStop stop) {
            return stops.add(stop);
        }

        @Override
        public Optional<UUID> remove(UUID id) {
            return stops.remove(id).map(WarmthStop::rigId);
        }
    }
}
