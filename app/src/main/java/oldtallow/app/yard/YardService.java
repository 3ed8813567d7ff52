package oldtallow.app.yard;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.nut.NutSettings;
import oldtallow.app.nut.SettingSummary;
import oldtallow.app.register.Register;
import oldtallow.app.register.Rig;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.workshop.Workshops;
import oldtallow.core.interval.HubState;
import oldtallow.core.interval.SettingInterval;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts the yard together: rigs, their wheel ends, and how each stands today. */
@Service
public class YardService {

    private static final SettingInterval INTERVAL = SettingInterval.COMMON_PRACTICE;

    private final Register register;
    private final NutSettings settings;
    private final Workshops workshops;
    private final Clock clock;

    YardService(Register register, NutSettings settings, Workshops workshops, Clock clock) {
        this.register = register;
        this.settings = settings;
        this.workshops = workshops;
        this.clock = clock;
    }

    /**
     * The yard today.
     *
     * @param next what needs doing, worst first; wheel ends of one rig in the same state together
     */
    public record Yard(String workshop, LocalDate today, List<Rig> rigs, List<Standing> standings, List<Next> next) {}

    /**
     * How a wheel end stands.
     *
     * @param daysLeft until it is due; negative once overdue; null without a setting on record
     */
    public record Standing(
            WheelEnd wheelEnd,
            HubState state,
            @Nullable SettingSummary lastSetting,
            @Nullable Long daysLeft) {}

    /** Wheel ends of one rig in the same state. */
    public record Next(Rig rig, HubState state, List<Standing> standings) {}

    /** The yard of the workshop that asks. */
    @Transactional(readOnly = true)
    public Yard today() {
        LocalDate today = LocalDate.now(clock);
        List<Rig> rigs = register.rigs();
        Map<UUID, SettingSummary> latest =
                settings.latest().stream().collect(Collectors.toMap(SettingSummary::wheelEndId, Function.identity()));
        List<Standing> standings = new ArrayList<>();
        List<Next> next = new ArrayList<>();
        for (Rig rig : rigs) {
            List<Standing> ofRig = rig.axles().stream()
                    .flatMap(axle -> axle.wheelEnds().stream())
                    .map(end -> standing(end, latest.get(end.id()), today))
                    .toList();
            standings.addAll(ofRig);
            ofRig.stream()
                    .collect(Collectors.groupingBy(Standing::state))
                    .forEach((state, alike) -> next.add(new Next(rig, state, alike)));
        }
        next.sort(Comparator.comparing(Next::state)
                .thenComparingLong(YardService::leastDaysLeft)
                .thenComparingInt(item -> item.rig().yardNumber()));
        return new Yard(workshops.current().name(), today, rigs, standings, next);
    }

    private Standing standing(WheelEnd end, @Nullable SettingSummary last, LocalDate today) {
        if (last == null) {
            return new Standing(end, HubState.NO_RECORD, null, null);
        }
        ZoneId zone = clock.getZone();
        LocalDate set = last.setAt().atZone(zone).toLocalDate();
        return new Standing(end, INTERVAL.judge(last.verdict(), set, today), last, INTERVAL.daysLeft(set, today));
    }

    private static long leastDaysLeft(Next next) {
        return next.standings().stream()
                .mapToLong(standing -> standing.daysLeft() == null ? 0 : standing.daysLeft())
                .min()
                .orElse(0);
    }
}
