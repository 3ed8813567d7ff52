package oldtallow.app.schedule.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.job.api.Jobs;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.api.RigTouched;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.DueStore.Change;
import oldtallow.app.schedule.model.DueStore.NextDue;
import oldtallow.app.schedule.model.DueStore.Rank;
import oldtallow.app.schedule.model.ServiceEvent.Kind;
import oldtallow.app.schedule.model.ServiceEvent.Source;
import oldtallow.app.setting.api.NutSettings;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.schedule.figure.FigureKind;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what falls due up to date: whatever changes a rig works its dates out again at once, and tells which moved. */
@Service
class DueUpdates {

    private static final int SLOWLY = 200;

    private final Register register;
    private final DueBases bases;
    private final Figures figures;
    private final JobRecords jobs;
    private final ServiceLog services;
    private final DueStore store;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    DueUpdates(
            Register register,
            DueBases bases,
            Figures figures,
            JobRecords jobs,
            ServiceLog services,
            DueStore store,
            ApplicationEventPublisher events,
            Clock clock) {
        this.register = register;
        this.bases = bases;
        this.figures = figures;
        this.jobs = jobs;
        this.services = services;
        this.store = store;
        this.events = events;
        this.clock = clock;
    }

    @EventListener
    @Transactional
    public void follow(RigTouched touched) {
        reckon(List.of(register.rig(touched.rigId())), touched.why());
    }

    /** A setting counts as the service it mostly is, but while the nut is only adjusted. */
    @EventListener
    @Transactional
    public void follow(NutSettings.SettingRecorded recorded) {
        WheelEnd end = register.wheelEnd(recorded.wheelEndId());
        boolean adjusted = Optional.ofNullable(jobs.openAt(List.of(end.id())).get(end.id()))
                .filter(job -> jobs.bench(job).job().scope() == Scope.ADJUST)
                .isPresent();
        services.record(
                recorded.settingId(),
                end,
                adjusted ? Kind.ADJUST : Kind.REPACK,
                recorded.setAt().atZone(clock.getZone()).toLocalDate(),
                Source.SETTING,
                null,
                "");
        reckon(List.of(register.rig(end.rigId())), "a setting was recorded");
    }

    @EventListener
    @Transactional
    public void follow(NutSettings.SettingSigned signed) {
        reckon(List.of(register.rig(signed.rigId())), "");
    }

    /** What a job did is done; the rig is told of by the job itself. */
    @EventListener
    @Transactional
    public void follow(Jobs.Ended ended) {
        LocalDate today = LocalDate.now(clock);
        Stream.concat(
                        ended.did().map(Kind::of).stream(),
                        ended.wheelWasOff() ? Stream.of(Kind.WHEEL_OFF) : Stream.empty())
                .forEach(kind ->
                        services.record(UUID.randomUUID(), ended.end(), kind, today, Source.JOB, ended.jobId(), ""));
    }

    /** A rule for all rigs moves every date. */
    @EventListener
    @Transactional
    public void follow(Figures.RuleChanged rule) {
        if (rule.kind() == FigureKind.INTERVAL) {
            reckonAll();
        }
    }

    /** Works out what was never worked out: rigs from before there was an almanac. */
    @Transactional
    public void complete() {
        List<UUID> unknown = store.withoutBasis(CurrentPerson.now().workshopId());
        for (int i = 0; i < unknown.size(); i += SLOWLY) {
            reckon(register.rigs(unknown.subList(i, Math.min(i + SLOWLY, unknown.size()))), "");
        }
    }

    /** In one pass over what is kept of every rig. */
    private void reckonAll() {
        UUID workshop = CurrentPerson.now().workshopId();
        store.claimPass(workshop);
        complete();
        var reckoning = new DueDerivation(figures.intervals());
        store.replaceAll(workshop, reckoning::rank);
        events.publishEvent(new DuesMoved(workshop));
    }

    private void reckon(List<Rig> rigs, String why) {
        UUID workshop = CurrentPerson.now().workshopId();
        store.holdPasses(workshop);
        var reckoning = new DueDerivation(
                figures.intervals(rigs.stream().map(Rig::inPlan).toList()));
        List<Rank> ranks = new ArrayList<>();
        for (DueBases.Read read : bases.of(rigs).values()) {
            Rank rank = reckoning.rank(read.basis());
            store.put(workshop, read.basis());
            if (!why.isEmpty()) {
                List<Change> changes = changes(store.next(workshop, rank.rigId()), rank.next(), why);
                store.tell(workshop, rank.rigId(), changes);
            }
            ranks.add(rank);
        }
        store.put(workshop, ranks);
        events.publishEvent(new DuesMoved(workshop));
    }

    /** What moved by a day or more, appeared or went. */
    private static List<Change> changes(List<NextDue> before, List<NextDue> after, String why) {
        Map<UUID, NextDue> was = byEnd(before);
        Map<UUID, NextDue> is = byEnd(after);
        return Stream.concat(was.keySet().stream(), is.keySet().stream())
                .distinct()
                .flatMap(end -> change(end, was.get(end), is.get(end), why).stream())
                .toList();
    }

    private static Optional<Change> change(UUID end, @Nullable NextDue was, @Nullable NextDue is, String why) {
        if (is == null) {
            return Optional.ofNullable(was).map(gone -> new Change(end, gone.action(), gone.on(), null, why));
        }
        Optional<LocalDate> before = Optional.ofNullable(was)
                .filter(one -> one.action() == is.action())
                .map(NextDue::on);
        if (before.filter(is.on()::equals).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(new Change(end, is.action(), before.orElse(null), is.on(), why));
    }

    private static Map<UUID, NextDue> byEnd(List<NextDue> dues) {
        return dues.stream().collect(Collectors.toMap(NextDue::wheelEndId, Function.identity()));
    }
}
