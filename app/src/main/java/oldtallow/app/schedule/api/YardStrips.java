package oldtallow.app.schedule.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.schedule.model.DueStore.Filter;
import oldtallow.app.schedule.model.DueStore.Rank;
import oldtallow.app.schedule.model.RigUsage;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.core.schedule.distance.Odometry;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The year ahead of the rigs that press most, one lane each. */
@Service
public class YardStrips {

    /** As many as a strip can be read of. */
    private static final int LANES = 16;

    private static final int DAYS_AHEAD = 366;

    private final Register register;
    private final WheelEndStatuses standings;
    private final Usage usage;
    private final Clock clock;

    YardStrips(Register register, WheelEndStatuses standings, Usage usage, Clock clock) {
        this.register = register;
        this.standings = standings;
        this.usage = usage;
        this.clock = clock;
    }

    /**
     * A rig's year.
     *
     * @param items what falls due within it, or is late
     * @param odometry how far it runs
     */
    public record Lane(Rig rig, List<DueList.Item> items, RigUsage usage, Odometry odometry) {

        public Lane {
            items = List.copyOf(items);
        }

        /** Kilometres it is expected to run until a day; none for a day that is past. */
        public double kmUntil(LocalDate today, LocalDate day) {
            return day.isAfter(today)
                    ? odometry.forecast(today).at(day)
                            - odometry.forecast(today).km()
                    : 0;
        }
    }

    /** Most pressing first. */
    @Transactional(readOnly = true)
    public List<Lane> lanes() {
        LocalDate until = LocalDate.now(clock).plusDays(DAYS_AHEAD);
        List<Rank> ranks = standings.worst(new Filter(null, until), null, LANES);
        List<Rig> rigs = register.rigs(ranks.stream().map(Rank::rigId).toList());
        Map<UUID, WheelEndStatus> all =
                standings.of(rigs.stream().map(Rig::inPlan).toList());
        Map<UUID, RigUsage> usages = usage.of(rigs);
        return rigs.stream()
                .map(rig -> {
                    RigUsage used = Optional.ofNullable(usages.get(rig.id())).orElseThrow();
                    return new Lane(rig, DueList.due(rig.inPlan(), all, until).toList(), used, used.odometry());
                })
                .toList();
    }
}
