package oldtallow.app.schedule.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.DueBasis;
import oldtallow.app.schedule.model.RigUsage;
import oldtallow.app.schedule.model.ServiceEvent;
import oldtallow.app.setting.api.NutSettings;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.core.schedule.almanac.ServiceHistory;
import oldtallow.core.schedule.almanac.Serviced;
import oldtallow.core.schedule.distance.Odometry;
import oldtallow.core.schedule.interval.DueAction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts together what dues are worked out from, out of settings, services, meters and trips on record. */
@Component
class DueBases {

    private final Usage usage;
    private final ServiceLog services;
    private final NutSettings settings;
    private final Clock clock;

    DueBases(Usage usage, ServiceLog services, NutSettings settings, Clock clock) {
        this.usage = usage;
        this.services = services;
        this.settings = settings;
        this.clock = clock;
    }

    /** A rig's basis, with what else was read for it. */
    record Read(DueBasis basis, RigUsage usage, Odometry odometry) {}

    private Map<UUID, SettingSummary> lastSettings(Collection<UUID> ends) {
        return settings.latest(ends).stream()
                .collect(Collectors.toMap(SettingSummary::wheelEndId, Function.identity()));
    }

    /** What the dues of these rigs are worked out from, by the rig's id. */
    Map<UUID, Read> of(Collection<Rig> rigs) {
        return of(rigs, UnaryOperator.identity());
    }

    /** By rig, as if each were used otherwise. */
    Map<UUID, Read> of(Collection<Rig> rigs, UnaryOperator<RigUsage> otherwise) {
        List<UUID> ends =
                rigs.stream().flatMap(Rig::wheelEnds).map(WheelEnd::id).toList();
        Map<UUID, SettingSummary> latest = lastSettings(ends);
        Map<UUID, List<ServiceEvent>> done =
                services.of(ends).stream().collect(Collectors.groupingBy(ServiceEvent::wheelEndId));
        Map<UUID, RigUsage> usages = usage.of(rigs);
        Map<UUID, Read> read = new HashMap<>();
        for (Rig rig : rigs) {
            RigUsage used =
                    otherwise.apply(Optional.ofNullable(usages.get(rig.id())).orElseThrow());
            read.put(rig.id(), read(rig, used, latest, done));
        }
        return read;
    }

    private Read read(Rig rig, RigUsage used, Map<UUID, SettingSummary> latest, Map<UUID, List<ServiceEvent>> done) {
        Odometry odometry = used.odometry();
        List<DueBasis.End> ends = rig.wheelEnds()
                .map(end -> end(
                        rig,
                        end,
                        Optional.ofNullable(latest.get(end.id())),
                        history(done.getOrDefault(end.id(), List.of()), odometry)))
                .toList();
        LocalDate from = ends.stream()
                .flatMap(end -> end.history().last().values().stream())
                .map(Serviced::on)
                .max(LocalDate::compareTo)
                .orElseGet(() -> LocalDate.now(clock));
        return new Read(new DueBasis(rig.id(), rig.severity(), used.use(odometry, from), ends), used, odometry);
    }

    private static DueBasis.End end(Rig rig, WheelEnd end, Optional<SettingSummary> last, ServiceHistory history) {
        return new DueBasis.End(
                end.id(),
                end.axleId(),
                end.construction(),
                rig.upkeep(end),
                end.build().since(),
                last.map(setting -> new DueBasis.LastSetting(
                        setting.setAt(), setting.stands(), setting.verdict(), setting.awaitsSignOff())),
                history);
    }

    private static ServiceHistory history(List<ServiceEvent> events, Odometry odometry) {
        ServiceHistory history = ServiceHistory.NONE;
        for (ServiceEvent event : events) {
            var done = new Serviced(event.on(), odometry.at(event.on()));
            @Nullable DueAction action = event.kind().action();
            history = action == null ? history.withWheelOff(done) : history.with(action, done);
        }
        return history;
    }
}
