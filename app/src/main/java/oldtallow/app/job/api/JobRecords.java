package oldtallow.app.job.api;

import java.time.Clock;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.job.model.PastJob;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Side;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.setting.api.NutSettings;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.BenchFindings;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.JobEnd;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.choice.ChoiceOpen;
import oldtallow.core.procedure.judge.Comparison;
import oldtallow.core.procedure.judge.Comparison.OtherSide;
import oldtallow.core.procedure.judge.Finding;
import oldtallow.core.procedure.round.RigRound;
import oldtallow.core.procedure.round.RoundOrder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs as they are on record: read, never written. */
@Service
public class JobRecords {

    private static final int MOST_PAST = 200;

    private final JobStore store;
    private final Register register;
    private final NutSettings settings;
    private final JobSequences sequences;
    private final RigJobStore rigJobs;
    private final Clock clock;

    JobRecords(
            JobStore store,
            Register register,
            NutSettings settings,
            JobSequences sequences,
            RigJobStore rigJobs,
            Clock clock) {
        this.rigJobs = rigJobs;
        this.clock = clock;
        this.store = store;
        this.register = register;
        this.settings = settings;
        this.sequences = sequences;
    }

    /**
     * What is told beside a job.
     *
     * @param settingIsRecorded whether a setting of the nut is on record since it was last off
     * @param toAnswerFor apprentices whose steps, verdicts or setting stand in it
     * @param hindrances why the job cannot be closed yet, in sentences; empty when it can
     * @param comparison what its findings say beside the other side's and the last job's, in sentences
     * @param choices what is still to choose among
     * @param round the hubs of its rig job, itself among them
     */
    public record Remarks(
            boolean settingIsRecorded,
            List<String> toAnswerFor,
            List<String> hindrances,
            List<String> comparison,
            List<ChoiceOpen> choices,
            RigRound<WheelEnd> round,
            RigRound.Asker asker) {}

    /** Jobs that are not over, the one opened last first. */
    @Transactional(readOnly = true)
    public List<Bench<WheelEnd>> open() {
        return store.open().stream().map(this::bench).toList();
    }

    /** Jobs of these wheel ends that are not over, by wheel end. */
    @Transactional(readOnly = true)
    public Map<UUID, UUID> openAt(Collection<UUID> wheelEndIds) {
        return store.openAt(wheelEndIds);
    }

    /** Jobs of these wheel ends that are over, the latest first; at most 200. */
    @Transactional(readOnly = true)
    public List<PastJob> past(Collection<UUID> wheelEndIds) {
        return store.past(wheelEndIds, MOST_PAST);
    }

    /** Refuses a job that is none of the workshop that asks. */
    @Transactional(readOnly = true)
    public void require(UUID jobId) {
        if (!store.exists(jobId)) {
            throw new NotFoundException("job", jobId);
        }
    }

    @Transactional(readOnly = true)
    public Bench<WheelEnd> bench(UUID jobId) {
        return bench(store.find(jobId).orElseThrow(() -> new NotFoundException("job", jobId)));
    }

    /** Settings of the nut that were put on record while the job went on, latest first. */
    @Transactional(readOnly = true)
    public List<SettingSummary> settings(Bench<WheelEnd> bench) {
        return settingsSince(bench, bench.entries().getFirst());
    }

    /** What is told beside a job as it stands. */
    @Transactional(readOnly = true)
    public Remarks remarks(Bench<WheelEnd> bench) {
        List<SettingSummary> settings = settingsThatStand(bench);
        return new Remarks(
                !settings.isEmpty(),
                JobEnd.toAnswerFor(bench, setByApprentice(settings)),
                JobEnd.hindrances(bench, !settings.isEmpty()),
                comparison(bench),
                choices(bench),
                round(bench),
                new RigRound.Asker(CurrentPerson.now().personId(), clock.instant()));
    }

    /** What is still to choose among on a job as it stands. */
    static List<ChoiceOpen> choices(Bench<WheelEnd> bench) {
        Set<String> done = bench.done().stream().map(one -> one.step().id()).collect(Collectors.toSet());
        return Plans.choices(bench.plan().brief()).stream()
                .flatMap(open -> open.with(done, bench.plan()).stream())
                .toList();
    }

    /** The hubs of the rig job that a job belongs to, in the order in which they are gone round: up one side, down the other. */
    @Transactional(readOnly = true)
    public RigRound<WheelEnd> round(Bench<WheelEnd> bench) {
        UUID rigJobId = bench.job().rigJobId();
        RoundOrder order = rigJobs.find(rigJobId)
                .orElseThrow(() -> new NotFoundException("job", rigJobId))
                .order();
        return new RigRound<>(
                order,
                rigJobs.hubs(rigJobId).stream()
                        .map(job -> job.id().equals(bench.job().id()) ? bench : bench(job))
                        .sorted(Comparator.comparingInt(hub -> placeInRound(hub.end())))
                        .toList());
    }

    private static int placeInRound(WheelEnd end) {
        return end.side() == Side.LEFT ? end.axlePosition() : 2 * end.axleCount() + 1 - end.axlePosition();
    }

    /** Why it cannot be closed yet; empty when it can. */
    List<String> hindrances(Bench<WheelEnd> bench) {
        return JobEnd.hindrances(bench, !settingsThatStand(bench).isEmpty());
    }

    /** Apprentices whose steps, verdicts or setting stand in it: somebody has to answer for them. */
    List<String> toAnswerFor(Bench<WheelEnd> bench) {
        return JobEnd.toAnswerFor(bench, setByApprentice(settingsThatStand(bench)));
    }

    /** Whose setting stands, where a mechanic has yet to answer for it. */
    private static Optional<String> setByApprentice(List<SettingSummary> latestFirst) {
        return latestFirst.stream()
                .limit(1)
                .filter(SettingSummary::awaitsSignOff)
                .map(SettingSummary::setBy)
                .findFirst();
    }

    Bench<WheelEnd> bench(Job job) {
        WheelEnd end = register.wheelEnd(job.wheelEndId());
        return Bench.read(job, end, store.entries(job.id()), sequences.procedures(end), Plans::of);
    }

    /** A job as it stands when one more entry has been written. */
    Bench<WheelEnd> after(Bench<WheelEnd> bench, Job job, RecordedEntry entry) {
        return Bench.read(
                job,
                bench.end(),
                Stream.concat(bench.entries().stream(), Stream.of(entry)).toList(),
                sequences.procedures(bench.end()),
                Plans::of);
    }

    /** Its findings beside those of the other side's and this wheel end's latest jobs. */
    private List<String> comparison(Bench<WheelEnd> bench) {
        List<Finding> found = BenchFindings.of(bench);
        if (found.isEmpty()) {
            return List.of(); // nothing to compare: two jobs need not be read at every press
        }
        List<UUID> otherSide = register.rig(bench.end().rigId())
                .wheelEnds()
                .filter(end -> end.axleId().equals(bench.end().axleId()))
                .map(WheelEnd::id)
                .filter(id -> !id.equals(bench.end().id()))
                .toList();
        Optional<Bench<WheelEnd>> beside = Stream.concat(
                        store.openAt(otherSide).values().stream().flatMap(id -> store.find(id).stream()),
                        store.over(otherSide).stream())
                .findFirst()
                .map(this::bench);
        Optional<Bench<WheelEnd>> before =
                store.over(List.of(bench.end().id())).stream().findFirst().map(this::bench);
        return Comparison.of(
                found,
                beside.map(BenchFindings::asOtherSide).orElse(OtherSide.UNKNOWN),
                before.map(BenchFindings::of).orElse(List.of()));
    }

    /** Settings of the nut that were put on record since the job began, and since the nut was last off; latest first. */
    private List<SettingSummary> settingsThatStand(Bench<WheelEnd> bench) {
        return settingsSince(bench, bench.nutLooseSince());
    }

    /** By the order in which the server wrote them: a device's clock may be wrong. */
    private List<SettingSummary> settingsSince(Bench<WheelEnd> bench, RecordedEntry entry) {
        return settings.writtenAfter(bench.end().id(), store.written(entry.id()));
    }
}
