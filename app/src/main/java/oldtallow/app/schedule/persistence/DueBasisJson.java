package oldtallow.app.schedule.persistence;

import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonPropertyOrder;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.schedule.model.DueBasis;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.hub.Construction;
import oldtallow.core.quantity.Length;
import oldtallow.core.schedule.almanac.RigUse;
import oldtallow.core.schedule.almanac.ServiceHistory;
import oldtallow.core.schedule.almanac.Serviced;
import oldtallow.core.schedule.almanac.WaterEntry;
import oldtallow.core.schedule.distance.DistanceLine;
import oldtallow.core.schedule.distance.Forecast;
import oldtallow.core.schedule.distance.Past;
import oldtallow.core.schedule.distance.PlannedRun;
import oldtallow.core.schedule.distance.UseRate;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.Duty;
import oldtallow.core.schedule.interval.Severity;
import oldtallow.core.schedule.interval.Upkeep;
import org.jspecify.annotations.Nullable;

/**
 * A basis as it lies in the database. Days are counted from 1970, and parts that come many times go without names, since a
 * hundred thousand of them are read at once.
 *
 * @param rates km a day, January first; null where nothing tells
 * @param past day and km of each point, one after the other, from the one before anything counts from
 * @param trips first day, last day and km of each, one after the other
 * @param crossings days
 * @param dunkings days
 */
record DueBasisJson(
        Set<Severity> severity,
        long knownOn,
        double km,
        @Nullable List<Double> rates,
        double spread,
        double meanError,
        List<Double> past,
        boolean pastRead,
        boolean pastReckonedBack,
        List<Double> trips,
        List<Long> crossings,
        List<Long> dunkings,
        List<Long> tripEnds,
        List<EndJson> ends) {

    private static final double USUAL_SPREAD = 0.5;

    private static final FlatRows<DistanceLine.Point> POINTS = new FlatRows<>(
            2,
            point -> List.of((double) point.on().toEpochDay(), tenths(point.km())),
            row -> new DistanceLine.Point(day(row.get(0)), row.get(1)));

    private static final FlatRows<PlannedRun> RUNS = new FlatRows<>(
            3,
            run -> List.of((double) run.from().toEpochDay(), (double) run.to().toEpochDay(), tenths(run.km())),
            row -> new PlannedRun(day(row.get(0)), day(row.get(1)), row.get(2)));

    /** A wheel end; null where there is none of something. */
    @JsonFormat(shape = JsonFormat.Shape.ARRAY)
    @JsonPropertyOrder({
        "id",
        "axle",
        "construction",
        "duty",
        "springCap",
        "builtOn",
        "setting",
        "last",
        "wheelOff",
        "retorques"
    })
    record EndJson(
            UUID id,
            UUID axle,
            Construction construction,
            Duty duty,
            boolean springCap,
            long builtOn,
            @Nullable SettingJson setting,
            Map<DueAction, DoneJson> last,
            @Nullable DoneJson wheelOff,
            int retorques) {

        static EndJson of(DueBasis.End end) {
            Map<DueAction, DoneJson> last = new EnumMap<>(DueAction.class);
            end.history().last().forEach((action, done) -> last.put(action, DoneJson.of(done)));
            return new EndJson(
                    end.id(),
                    end.axleId(),
                    end.construction(),
                    end.upkeep().duty(),
                    end.upkeep().springCap(),
                    end.builtOn().toEpochDay(),
                    end.lastSetting().map(SettingJson::of).orElse(null),
                    last,
                    end.history().wheelOff().map(DoneJson::of).orElse(null),
                    end.history().retorques());
        }

        DueBasis.End read() {
            Map<DueAction, Serviced> done = new EnumMap<>(DueAction.class);
            last.forEach((action, one) -> done.put(action, one.read()));
            return new DueBasis.End(
                    id,
                    axle,
                    construction,
                    new Upkeep(duty, springCap),
                    LocalDate.ofEpochDay(builtOn),
                    Optional.ofNullable(setting).map(SettingJson::read),
                    new ServiceHistory(done, Optional.ofNullable(wheelOff).map(DoneJson::read), retorques));
        }
    }

    /**
     * @param at microseconds since 1970, as exact as PostgreSQL keeps a time
     * @param um end play, µm
     */
    @JsonFormat(shape = JsonFormat.Shape.ARRAY)
    @JsonPropertyOrder({"at", "um", "verdict", "awaits"})
    record SettingJson(long at, double um, EndPlayVerdict verdict, boolean awaits) {

        static SettingJson of(DueBasis.LastSetting set) {
            return new SettingJson(
                    ChronoUnit.MICROS.between(Instant.EPOCH, set.at()),
                    set.endPlay().micrometres(),
                    set.verdict(),
                    set.awaitsSignOff());
        }

        DueBasis.LastSetting read() {
            return new DueBasis.LastSetting(
                    Instant.EPOCH.plus(at, ChronoUnit.MICROS), Length.ofMicrometres(um), verdict, awaits);
        }
    }

    @JsonFormat(shape = JsonFormat.Shape.ARRAY)
    @JsonPropertyOrder({"on", "km"})
    record DoneJson(long on, double km) {

        static DoneJson of(Serviced done) {
            return new DoneJson(done.on().toEpochDay(), tenths(done.km()));
        }

        Serviced read() {
            return new Serviced(LocalDate.ofEpochDay(on), km);
        }
    }

    static DueBasisJson of(DueBasis basis) {
        Forecast forecast = basis.use().forecast();
        Past past = forecast.past().from(countedFrom(basis).orElse(forecast.km()));
        return new DueBasisJson(
                basis.severity(),
                forecast.on().toEpochDay(),
                tenths(forecast.km()),
                forecast.rate().map(DueBasisJson::rates).orElse(null),
                forecast.rate().map(rate -> thousandths(rate.spread())).orElse(USUAL_SPREAD),
                forecast.rate().map(rate -> thousandths(rate.meanError())).orElse(0.0),
                POINTS.flat(past.points().stream()),
                past.read(),
                past.reckonedBack(),
                RUNS.flat(forecast.trips().stream()),
                days(basis.use(), WaterEntry.Kind.CROSSING),
                days(basis.use(), WaterEntry.Kind.DUNKING),
                basis.use().trips().stream().map(LocalDate::toEpochDay).toList(),
                basis.ends().stream().map(EndJson::of).toList());
    }

    DueBasis read(UUID rigId) {
        List<WaterEntry> water = new ArrayList<>();
        crossings.forEach(day -> water.add(new WaterEntry(LocalDate.ofEpochDay(day), WaterEntry.Kind.CROSSING)));
        dunkings.forEach(day -> water.add(new WaterEntry(LocalDate.ofEpochDay(day), WaterEntry.Kind.DUNKING)));
        var forecast = new Forecast(
                LocalDate.ofEpochDay(knownOn),
                km,
                Optional.ofNullable(rates).map(months -> new UseRate(months, spread, meanError)),
                RUNS.rows(trips),
                new Past(POINTS.rows(past), pastRead, pastReckonedBack));
        return new DueBasis(
                rigId,
                severity,
                new RigUse(
                        forecast,
                        water,
                        tripEnds.stream().map(LocalDate::ofEpochDay).toList()),
                ends.stream().map(EndJson::read).toList());
    }

    /** The fewest kilometres that anything is counted from. */
    private static OptionalDouble countedFrom(DueBasis basis) {
        return basis.ends().stream()
                .map(DueBasis.End::history)
                .flatMap(history -> Stream.concat(history.last().values().stream(), history.wheelOff().stream()))
                .mapToDouble(Serviced::km)
                .min();
    }

    private static LocalDate day(double sinceEpoch) {
        return LocalDate.ofEpochDay((long) sinceEpoch);
    }

    private static double thousandths(double value) {
        return Math.round(value * 1000) / 1000.0;
    }

    /** A hundred metres are nearer than any meter; short numbers are read twice as fast. */
    private static double tenths(double km) {
        return Math.round(km * 10) / 10.0;
    }

    private static List<Double> rates(UseRate rate) {
        return rate.kmPerDay().stream()
                .map(km -> Math.round(km * 1000) / 1000.0)
                .toList();
    }

    private static List<Long> days(RigUse use, WaterEntry.Kind kind) {
        return use.water().stream()
                .filter(entry -> entry.kind() == kind)
                .map(entry -> entry.on().toEpochDay())
                .toList();
    }
}
