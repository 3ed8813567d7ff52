package oldtallow.app.schedule.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.identity.api.Workshops;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.RigPlan;
import oldtallow.app.schedule.model.DueStore.Filter;
import oldtallow.app.schedule.model.DueStore.Rank;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.core.schedule.interval.HubState;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts the yard together: rigs, their wheel ends, and how each stands today, worst first. */
@Service
public class YardService {

    /** As many as a wall of plan drawings still shows at a glance. */
    private static final int PAGE = 24;

    private final Register register;
    private final WheelEndStatuses standings;
    private final DueList dues;
    private final Workshops workshops;
    private final Clock clock;

    YardService(Register register, WheelEndStatuses standings, DueList dues, Workshops workshops, Clock clock) {
        this.register = register;
        this.standings = standings;
        this.dues = dues;
        this.workshops = workshops;
        this.clock = clock;
    }

    /** Which rigs are asked for. */
    public enum Show {
        ALL,
        /** Outside its window, waiting for a sign-off, overdue, without a record, or due within a month. */
        DUE
    }

    /**
     * A page of the yard today.
     *
     * @param rigs worst first
     * @param next what needs doing on them, worst first; wheel ends of one rig in the same state together
     * @param more from where the next page goes on; null on the last
     * @param isWhole false while dates are still worked out after an upgrade: a rig may be missing or stand in another place
     */
    public record Yard(
            String workshop,
            LocalDate today,
            List<RigPlan> rigs,
            Map<UUID, WheelEndStatus> standings,
            List<Next> next,
            @Nullable Rank more,
            boolean isWhole) {}

    /** Wheel ends of one rig in the same state. */
    public record Next(RigPlan rig, HubState state, List<WheelEndStatus> standings) {}

    /** A page of the yard of the workshop that asks. */
    @Transactional(readOnly = true)
    public Yard today(Show show, @Nullable String owner, @Nullable Rank behind) {
        LocalDate today = LocalDate.now(clock);
        var filter = new Filter(
                owner == null ? null : register.idsOfOwner(owner), show == Show.DUE ? today.plusMonths(1) : null);
        List<Rank> ranks = standings.worst(filter, behind, PAGE + 1);
        List<RigPlan> rigs =
                register.plans(ranks.stream().limit(PAGE).map(Rank::rigId).toList());
        Map<UUID, WheelEndStatus> all = standings.of(rigs);
        return new Yard(
                workshops.current().name(),
                today,
                rigs,
                all,
                next(rigs, all),
                ranks.size() > PAGE ? ranks.get(PAGE - 1) : null,
                dues.isWhole());
    }

    /** How the wheel ends of one rig stand. */
    @Transactional(readOnly = true)
    public List<WheelEndStatus> of(UUID rigId) {
        RigPlan rig = register.plan(rigId);
        Map<UUID, WheelEndStatus> all = standings.of(List.of(rig));
        return ofRig(rig, all);
    }

    private static List<Next> next(List<RigPlan> rigs, Map<UUID, WheelEndStatus> all) {
        List<Next> next = new ArrayList<>();
        for (RigPlan rig : rigs) {
            ofRig(rig, all).stream()
                    .collect(Collectors.groupingBy(WheelEndStatus::state))
                    .forEach((state, alike) -> next.add(new Next(rig, state, alike)));
        }
        next.sort(Comparator.comparing(Next::state)
                .thenComparing(YardService::soonest)
                .thenComparingInt(item -> item.rig().yardNumber()));
        return next;
    }

    private static List<WheelEndStatus> ofRig(RigPlan rig, Map<UUID, WheelEndStatus> all) {
        return rig.wheelEnds()
                .flatMap(end -> Optional.ofNullable(all.get(end.id())).stream())
                .toList();
    }

    /** Where nothing is known it is as if it were due today. */
    private static LocalDate soonest(Next next) {
        return next.standings().stream()
                .flatMap(standing -> standing.due().stream())
                .map(due -> due.when().likely())
                .min(LocalDate::compareTo)
                .orElse(LocalDate.MIN);
    }
}
