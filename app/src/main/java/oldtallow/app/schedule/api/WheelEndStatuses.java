package oldtallow.app.schedule.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.RigPlan;
import oldtallow.app.register.model.WheelEndName;
import oldtallow.app.schedule.model.DueBasis;
import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.DueStore.Filter;
import oldtallow.app.schedule.model.DueStore.Rank;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.interval.HubState;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How wheel ends of the workshop that asks stand today. */
@Service
public class WheelEndStatuses {

    private final Register register;
    private final DueBases bases;
    private final Figures figures;
    private final JobRecords jobs;
    private final DueStore store;
    private final Clock clock;

    WheelEndStatuses(Register register, DueBases bases, Figures figures, JobRecords jobs, DueStore store, Clock clock) {
        this.register = register;
        this.bases = bases;
        this.figures = figures;
        this.jobs = jobs;
        this.store = store;
        this.clock = clock;
    }

    /** Every wheel end of these rigs, by its id; from what is kept of each rig, since that is renewed with every change. */
    @Transactional(readOnly = true)
    public Map<UUID, WheelEndStatus> of(Collection<RigPlan> rigs) {
        LocalDate today = LocalDate.now(clock);
        List<UUID> ends =
                rigs.stream().flatMap(RigPlan::wheelEnds).map(WheelEndName::id).toList();
        Map<UUID, UUID> openJobs = jobs.openAt(ends);
        var reckoning = new DueDerivation(figures.intervals(rigs));
        Map<UUID, DueBasis> kept = kept(rigs);
        Map<UUID, WheelEndStatus> standings = new HashMap<>();
        for (RigPlan rig : rigs) {
            DueBasis basis = Optional.ofNullable(kept.get(rig.id())).orElseThrow();
            standings.putAll(of(rig, basis, reckoning, openJobs, today));
        }
        return standings;
    }

    private Map<UUID, DueBasis> kept(Collection<RigPlan> rigs) {
        Map<UUID, DueBasis> kept = new HashMap<>();
        store.bases(rigs.stream().map(RigPlan::id).toList()).forEach(basis -> kept.put(basis.rigId(), basis));
        List<UUID> unknown = rigs.stream()
                .map(RigPlan::id)
                .filter(id -> !kept.containsKey(id))
                .toList();
        if (!unknown.isEmpty()) {
            bases.of(register.rigs(unknown)).forEach((id, read) -> kept.put(id, read.basis()));
        }
        return kept;
    }

    /** Ranks from the worst on, behind one already seen. */
    @Transactional(readOnly = true)
    public List<Rank> worst(Filter filter, @Nullable Rank behind, int most) {
        return store.worst(filter, behind, most);
    }

    static Map<UUID, WheelEndStatus> of(
            RigPlan rig, DueBasis basis, DueDerivation reckoning, Map<UUID, UUID> openJobs, LocalDate today) {
        Map<UUID, WheelEndName> ends = new HashMap<>();
        rig.wheelEnds().forEach(end -> ends.put(end.id(), end));
        Map<UUID, WheelEndStatus> standings = new HashMap<>();
        for (DueDerivation.EndDues one : reckoning.dues(basis)) {
            UUID id = one.end().id();
            standings.put(
                    id,
                    new WheelEndStatus(
                            Optional.ofNullable(ends.get(id)).orElseThrow(),
                            state(one, today),
                            one.end().lastSetting(),
                            one.end().history(),
                            one.rules(),
                            one.dues(),
                            openJobs.get(id)));
        }
        return standings;
    }

    /** By its last setting, and by whatever falls due soonest. */
    private static HubState state(DueDerivation.EndDues one, LocalDate today) {
        Optional<LocalDate> soonest =
                one.dues().stream().map((Due due) -> due.when().likely()).min(LocalDate::compareTo);
        return HubState.judge(one.end().verdict(), one.end().awaitsSignOff(), soonest, today);
    }
}
