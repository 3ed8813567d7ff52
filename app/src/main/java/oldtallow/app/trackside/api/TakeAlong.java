package oldtallow.app.trackside.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.api.Workshops;
import oldtallow.app.job.api.JobStore;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.Trip;
import oldtallow.app.schedule.model.UsageStore;
import oldtallow.app.trackside.model.TakenAlong;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.refusal.InvalidInputException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Packs what a device needs of some rigs where there is no network. */
@Service
public class TakeAlong {

    /** Some 40 kB each; more than a workshop has out at once. */
    private static final int MOST_RIGS = 60;

    /** A rig with a trip that begins so soon goes along by itself. */
    private static final int TRIP_DAYS = 14;

    private final Workshops workshops;
    private final Register register;
    private final JobStore jobs;
    private final UsageStore usage;
    private final BenchTaken bench;
    private final RigsTaken rigs;
    private final Clock clock;

    TakeAlong(
            Workshops workshops,
            Register register,
            JobStore jobs,
            UsageStore usage,
            BenchTaken bench,
            RigsTaken rigs,
            Clock clock) {
        this.workshops = workshops;
        this.register = register;
        this.jobs = jobs;
        this.usage = usage;
        this.bench = bench;
        this.rigs = rigs;
        this.clock = clock;
    }

    /**
     * These rigs, and those that go along by themselves: with a job that is not over, or a trip that begins within 14 days.
     *
     * @param wanted by whoever takes them; one that is not there any more is left out
     */
    @Transactional(readOnly = true)
    public TakenAlong of(Collection<UUID> wanted) {
        if (wanted.size() > MOST_RIGS) {
            throw new InvalidInputException("rig", wanted.size() + " rigs", "must be " + MOST_RIGS + " rigs at most");
        }
        Set<UUID> ids = new LinkedHashSet<>(byThemselves());
        ids.addAll(wanted);
        List<Rig> all = register.rigs(ids.stream().limit(MOST_RIGS).toList());
        List<WheelEnd> ends = all.stream().flatMap(Rig::wheelEnds).toList();
        return new TakenAlong(
                clock.instant(),
                clock.getZone().getRules().getOffset(clock.instant()).getTotalSeconds(),
                CurrentPerson.now(),
                workshops.current(),
                workshops.rates().orElse(null),
                rigs.register(all, ends),
                bench.jobs(ends),
                bench.settings(ends),
                rigs.schedule(all, ends),
                rigs.shelf(ends));
    }

    private List<UUID> byThemselves() {
        List<UUID> ids = new ArrayList<>();
        List<UUID> atWork = jobs.open().stream().map(Job::wheelEndId).toList();
        register.names(atWork).values().forEach(end -> ids.add(end.rigId()));
        LocalDate today = LocalDate.now(clock);
        usage.coming(today, today.plusDays(TRIP_DAYS), MOST_RIGS).stream()
                .map(Trip::rigId)
                .forEach(ids::add);
        return ids;
    }
}
