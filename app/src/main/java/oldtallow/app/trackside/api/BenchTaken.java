package oldtallow.app.trackside.api;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.job.api.JobStore;
import oldtallow.app.job.api.RigJobStore;
import oldtallow.app.job.api.UsualChoiceStore;
import oldtallow.app.job.model.PastJob;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.setting.model.NutSettingStore;
import oldtallow.app.setting.model.PlayCheck;
import oldtallow.app.setting.model.PlayCheckStore;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.app.trackside.model.TakenAlong;
import oldtallow.core.hub.Construction;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Choices.Way;
import oldtallow.core.procedure.brief.Scope;
import org.springframework.stereotype.Component;

/** Jobs and settings, as far as the bench looks back. */
@Component
class BenchTaken {

    /** What is found is held against the last job on the same hub. */
    private static final int PAST_JOBS = 2;

    private static final int PAST_SETTINGS = 10;

    private final JobStore jobs;
    private final RigJobStore rigJobs;
    private final UsualChoiceStore usual;
    private final NutSettingStore settings;
    private final PlayCheckStore checks;

    BenchTaken(
            JobStore jobs,
            RigJobStore rigJobs,
            UsualChoiceStore usual,
            NutSettingStore settings,
            PlayCheckStore checks) {
        this.jobs = jobs;
        this.rigJobs = rigJobs;
        this.usual = usual;
        this.settings = settings;
        this.checks = checks;
    }

    TakenAlong.Jobs jobs(List<WheelEnd> ends) {
        List<UUID> ids = ends.stream().map(WheelEnd::id).toList();
        Map<UUID, Job> all = new LinkedHashMap<>();
        jobs.openAt(ids).values().forEach(id -> jobs.find(id).ifPresent(job -> all.put(id, job)));
        // a hub of an open rig job may be over already
        List.copyOf(all.values()).stream()
                .map(Job::rigJobId)
                .distinct()
                .forEach(id -> rigJobs.hubs(id).forEach(hub -> all.put(hub.id(), hub)));
        List<TakenAlong.Ended> over = new ArrayList<>();
        for (UUID end : ids) {
            for (PastJob past : jobs.past(List.of(end), PAST_JOBS)) {
                over.add(new TakenAlong.Ended(past.id(), past.closedAt()));
                jobs.find(past.id()).ifPresent(job -> all.put(job.id(), job));
            }
        }
        Map<UUID, List<RecordedEntry>> entries = new HashMap<>();
        Map<UUID, Long> written = new HashMap<>();
        for (Job job : all.values()) {
            entries.put(job.id(), jobs.entries(job.id()));
            if (!job.state().isOver()) {
                written.putAll(jobs.writtenOf(job.id()));
            }
        }
        return new TakenAlong.Jobs(
                all.values().stream()
                        .map(Job::rigJobId)
                        .distinct()
                        .flatMap(id -> rigJobs.find(id).stream())
                        .toList(),
                over,
                List.copyOf(all.values()),
                entries,
                written,
                usual(),
                pastWork(ends));
    }

    private Map<ChoiceKind, String> usual() {
        Map<ChoiceKind, String> said = new EnumMap<>(ChoiceKind.class);
        for (Way way : usual.ways(CurrentPerson.workshopId())) {
            for (ChoiceKind kind : ChoiceKind.values()) {
                if (kind.ways().contains(way)) {
                    said.put(kind, way.name());
                }
            }
        }
        return said;
    }

    private List<TakenAlong.PastWork> pastWork(List<WheelEnd> ends) {
        Set<Construction> constructions =
                ends.stream().map(WheelEnd::construction).collect(Collectors.toSet());
        return constructions.stream()
                .flatMap(one -> Stream.of(Scope.values()).map(scope -> pastWork(one, scope)))
                .filter(work -> !work.worked().isEmpty())
                .toList();
    }

    private TakenAlong.PastWork pastWork(Construction construction, Scope scope) {
        List<Duration> worked = jobs.pastWork(construction, scope);
        return new TakenAlong.PastWork(construction, scope, worked);
    }

    TakenAlong.Settings settings(List<WheelEnd> ends) {
        List<SettingSummary> all = new ArrayList<>();
        Map<UUID, Long> written = new HashMap<>();
        List<PlayCheck> read = new ArrayList<>();
        Set<UUID> atWork = jobs.openAt(ends.stream().map(WheelEnd::id).toList()).keySet();
        for (WheelEnd end : ends) {
            List<SettingSummary> ofEnd =
                    settings.ofWheelEnd(end.id()).stream().limit(PAST_SETTINGS).toList();
            all.addAll(ofEnd);
            read.addAll(checks.ofWheelEnd(end.id()));
            if (atWork.contains(end.id())) {
                ofEnd.forEach(one -> written.put(one.id(), settings.written(one.id())));
            }
        }
        return new TakenAlong.Settings(all, written, read);
    }
}
