package oldtallow.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.api.ServiceLog;
import oldtallow.app.schedule.api.Usage;
import oldtallow.app.schedule.api.WarmthLog;
import oldtallow.app.schedule.model.KeptEntry;
import oldtallow.app.schedule.model.ServiceEvent;
import oldtallow.app.schedule.model.Trip;
import oldtallow.app.schedule.model.TripEntry;
import oldtallow.app.schedule.model.WarmthStop;
import oldtallow.app.schedule.model.WaterNote;
import oldtallow.core.schedule.almanac.WaterEntry;
import oldtallow.core.schedule.distance.MeterEntry;
import oldtallow.core.travel.warmth.Felt;
import oldtallow.core.travel.warmth.Touch;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Two years of meters, trips, water and services for the made-up yard. */
@Component
@ConditionalOnProperty("oldtallow.demo")
class DemoAlmanac {

    private static final String FILE = "/demo/usage.json";

    private final Register register;
    private final Usage usage;
    private final ServiceLog services;
    private final WarmthLog warmth;
    private final JsonMapper json;
    private final Clock clock;

    DemoAlmanac(Register register, Usage usage, ServiceLog services, WarmthLog warmth, JsonMapper json, Clock clock) {
        this.register = register;
        this.usage = usage;
        this.services = services;
        this.warmth = warmth;
        this.json = json;
        this.clock = clock;
    }

    record DemoUsage(
            String rig,
            List<DemoMeter> meter,
            List<DemoTrip> trips,
            List<DemoWater> water,
            List<DemoService> services,
            List<DemoWarmth> warmth) {}

    record DemoMeter(Integer daysAgo, Double km) {}

    /** Days are counted from today, negative for the past. */
    record DemoTrip(String name, Integer startsInDays, Integer days, Double km, List<DemoLeg> legs) {}

    record DemoLeg(String to, Integer day, Double km, Integer crossings, Integer dunkings, Boolean noHelp) {}

    record DemoWater(Integer daysAgo, WaterEntry.Kind kind, Boolean salt, Boolean hot, String note) {}

    /** At every wheel end. */
    record DemoService(Integer daysAgo, ServiceEvent.Kind kind, String by, String note) {}

    /** Hubs from the front, left first: by thermometer, or by hand. */
    record DemoWarmth(
            Integer daysAgo,
            Integer hour,
            Double day,
            List<Double> celsius,
            List<Touch> touches,
            String by,
            String note) {

        List<Felt> felt() {
            return celsius.isEmpty()
                    ? touches.stream().map(Felt::byHand).toList()
                    : celsius.stream().map(Felt::measured).toList();
        }
    }

    /** {@code called} finds a person of the demo by name. */
    void load(Function<String, SignedIn> called) {
        for (DemoUsage one : read()) {
            Rig rig = register.rig(DemoEntries.id(one.rig()));
            one.meter().forEach(entry -> meter(rig, entry));
            one.trips().forEach(trip -> trip(rig, trip));
            one.water().forEach(water -> water(rig, water));
            one.warmth()
                    .forEach(felt -> CurrentPerson.as(called.apply(felt.by()), () -> {
                        warmth(rig, felt);
                        return felt;
                    }));
            one.services()
                    .forEach(service -> CurrentPerson.as(called.apply(service.by()), () -> {
                        rig.wheelEnds().forEach(end -> service(end, service));
                        return service;
                    }));
        }
    }

    private List<DemoUsage> read() {
        try (@Nullable InputStream file = DemoAlmanac.class.getResourceAsStream(FILE)) {
            if (file == null) {
                throw new IllegalStateException("missing from the application: " + FILE);
            }
            return List.of(json.readValue(file, DemoUsage[].class));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The reading a rig was entered with is there already. */
    private void meter(Rig rig, DemoMeter demo) {
        LocalDate on = today().minusDays(demo.daysAgo());
        if (!on.equals(rig.distance().readOn())) {
            usage.putMeter(new KeptEntry(UUID.randomUUID(), 0, rig.id(), MeterEntry.read(on, demo.km()), ""), 0);
        }
    }

    private void trip(Rig rig, DemoTrip demo) {
        LocalDate from = today().plusDays(demo.startsInDays());
        LocalDate to = from.plusDays(demo.days() - 1L);
        usage.putTrip(
                DemoEntries.id(rig.name() + " " + demo.name()),
                rig.id(),
                0,
                new TripEntry(
                        demo.name(),
                        to.isBefore(today()) ? Trip.State.DRIVEN : Trip.State.PLANNED,
                        from,
                        to,
                        demo.legs().isEmpty() ? demo.km() : null,
                        "",
                        "",
                        demo.legs().stream()
                                .map(leg -> new Trip.Leg(
                                        leg.to(),
                                        from.plusDays(leg.day()),
                                        leg.km(),
                                        leg.crossings(),
                                        leg.dunkings(),
                                        leg.noHelp()))
                                .toList()));
    }

    private void water(Rig rig, DemoWater demo) {
        usage.addWater(new WaterNote(
                UUID.randomUUID(),
                rig.id(),
                new WaterEntry(today().minusDays(demo.daysAgo()), demo.kind()),
                demo.salt(),
                demo.hot(),
                demo.note()));
    }

    private void warmth(Rig rig, DemoWarmth demo) {
        List<UUID> ends = rig.wheelEnds().map(WheelEnd::id).toList();
        List<Felt> felt = demo.felt();
        warmth.record(new WarmthStop(
                UUID.randomUUID(),
                rig.id(),
                today().minusDays(demo.daysAgo())
                        .atTime(demo.hour(), 0)
                        .atZone(clock.getZone())
                        .toInstant(),
                null,
                null,
                null,
                demo.day(),
                IntStream.range(0, Math.min(felt.size(), ends.size()))
                        .mapToObj(i -> new WarmthStop.Hub(ends.get(i), felt.get(i)))
                        .toList(),
                CurrentPerson.now().name(),
                demo.note()));
    }

    private void service(WheelEnd end, DemoService demo) {
        services.byHand(UUID.randomUUID(), end.id(), demo.kind(), today().minusDays(demo.daysAgo()), demo.note());
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }
}
