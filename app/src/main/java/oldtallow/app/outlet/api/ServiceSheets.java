package oldtallow.app.outlet.api;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import oldtallow.app.identity.api.Workshops;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.outlet.model.ServiceSheet;
import oldtallow.app.outlet.model.ServiceSheet.AtHub;
import oldtallow.app.outlet.model.ServiceSheet.Block;
import oldtallow.app.outlet.model.ServiceSheet.Line;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.schedule.interval.DueAction;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts the service sheet of a job together. */
@Service
public class ServiceSheets {

    private final JobRecords jobs;
    private final Register register;
    private final Assembly assembly;
    private final HubBlocks blocks;
    private final SheetPictures pictures;
    private final Workshops workshops;
    private final Clock clock;

    ServiceSheets(
            JobRecords jobs,
            Register register,
            Assembly assembly,
            HubBlocks blocks,
            SheetPictures pictures,
            Workshops workshops,
            Clock clock) {
        this.jobs = jobs;
        this.register = register;
        this.assembly = assembly;
        this.blocks = blocks;
        this.pictures = pictures;
        this.workshops = workshops;
        this.clock = clock;
    }

    /** The sheet of a job at one hub as it stands; {@code rigAddress} is what the code in its corner opens. */
    @Transactional(readOnly = true)
    public ServiceSheet of(UUID jobId, Function<UUID, String> rigAddress) {
        Bench<WheelEnd> bench = jobs.bench(jobId);
        return sheet(List.of(bench), bench.end().positionName(), rigAddress);
    }

    /** One sheet of all hubs that a job was done at: what they have in common once, then hub by hub. */
    @Transactional(readOnly = true)
    public ServiceSheet ofAllHubs(UUID jobId, Function<UUID, String> rigAddress) {
        List<Bench<WheelEnd>> hubs = jobs.round(jobs.bench(jobId)).hubs();
        return hubs.size() == 1 ? of(jobId, rigAddress) : sheet(hubs, hubs.size() + " hubs", rigAddress);
    }

    private ServiceSheet sheet(List<Bench<WheelEnd>> hubs, String which, Function<UUID, String> rigAddress) {
        Rig rig = register.rig(hubs.getFirst().end().rigId());
        List<List<Block>> said = blocks.of(rig, hubs);
        List<Block> common = common(said);
        return new ServiceSheet(
                workshops.current().name(),
                rig.name() + ", " + which,
                Stream.concat(
                                Stream.of(rig.plate(), rig.kind().words()),
                                hubs.stream()
                                        .map(hub -> hub.end().construction().words())
                                        .distinct())
                        .filter(words -> !words.isEmpty())
                        .collect(Collectors.joining("; ")),
                facts(hubs, rig),
                assembly.section(hubs.getFirst().end().id()).section(),
                common,
                IntStream.range(0, hubs.size())
                        .mapToObj(i -> own(hubs.get(i), said.get(i), common))
                        .filter(hub -> !hub.lines().isEmpty())
                        .toList(),
                pictures.of(hubs),
                cautions(said.stream().flatMap(List::stream)),
                rigAddress.apply(rig.id()),
                hubs.stream().anyMatch(hub -> !hub.job().state().isOver()));
    }

    /** What every hub says in the same words; on a sheet of one hub that is all of it. */
    private static List<Block> common(List<List<Block>> said) {
        return IntStream.range(0, said.getFirst().size())
                .mapToObj(i -> new Block(
                        said.getFirst().get(i).title(),
                        said.getFirst().get(i).lines().stream()
                                .filter(line -> said.stream()
                                        .allMatch(hub -> hub.get(i).lines().contains(line)))
                                .toList()))
                .toList();
    }

    private static AtHub own(Bench<WheelEnd> hub, List<Block> said, List<Block> common) {
        Set<Line> told =
                common.stream().flatMap(block -> block.lines().stream()).collect(Collectors.toSet());
        return new AtHub(
                hub.end().positionName(),
                hub.end().axlePosition(),
                hub.end().side(),
                said.stream()
                        .flatMap(block -> block.lines().stream())
                        .filter(line -> !told.contains(line))
                        .toList());
    }

    private List<Line> facts(List<Bench<WheelEnd>> hubs, Rig rig) {
        List<RecordedEntry> entries =
                hubs.stream().flatMap(hub -> hub.entries().stream()).toList();
        List<Line> facts = new ArrayList<>();
        facts.add(new Line(
                "Work",
                joined(hubs.stream().map(hub -> hub.plan().brief().scope().words()))));
        facts.add(new Line(
                "Begun", joined(hubs.stream().map(hub -> day(hub.job().openedAt())))));
        entries.stream()
                .filter(entry ->
                        entry.entry() instanceof JobEntry.Closed || entry.entry() instanceof JobEntry.SignedOff)
                .max(Comparator.comparing(RecordedEntry::at))
                .ifPresent(last -> facts.add(new Line("Closed", day(last.at()) + ", " + last.by())));
        facts.add(new Line("Worked on by", joined(entries.stream().map(RecordedEntry::by))));
        if (!rig.owner().name().isEmpty()) {
            facts.add(new Line("Owner", rig.owner().name()));
        }
        facts.add(new Line(
                "Thread", joined(hubs.stream().map(hub -> hub.end().nut().threadDesignation()))));
        facts.add(new Line("Job", number(hubs)));
        return facts;
    }

    private static String number(List<Bench<WheelEnd>> hubs) {
        Job job = hubs.getFirst().job();
        return (hubs.size() == 1 ? job.id() : job.rigJobId()).toString().substring(0, 8);
    }

    private static String joined(Stream<String> words) {
        return words.distinct().collect(Collectors.joining(", "));
    }

    private static List<String> cautions(Stream<Block> said) {
        List<String> cautions = new ArrayList<>();
        if (said.flatMap(block -> block.lines().stream())
                .anyMatch(line -> line.term().equals(DueAction.RETORQUE.words()))) {
            cautions.add("Wheel nuts again after the first drive and after 50 to 100 km, crosswise, to their figure. "
                    + "Nuts left alone work loose and the wheel comes off.");
        }
        cautions.add(
                "At the first stops: back of the hand near every hub. Warm is fine; hot, or hotter than the other side, "
                        + "is not: stop and look.");
        return cautions;
    }

    private String day(Instant at) {
        return SheetWords.day(LocalDate.ofInstant(at, clock.getZone()));
    }
}
