package oldtallow.app.outlet.api;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.identity.api.Workshops;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.outlet.model.ServiceSheet;
import oldtallow.app.outlet.model.ServiceSheet.Block;
import oldtallow.app.outlet.model.ServiceSheet.Line;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.api.WheelEndStatuses;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.interval.DueAction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts the service sheet of a job together. */
@Service
public class ServiceSheets {

    private final JobRecords jobs;
    private final Register register;
    private final Assembly assembly;
    private final FittedLines fitted;
    private final WheelEndStatuses standings;
    private final Workshops workshops;
    private final Clock clock;

    ServiceSheets(
            JobRecords jobs,
            Register register,
            Assembly assembly,
            FittedLines fitted,
            WheelEndStatuses standings,
            Workshops workshops,
            Clock clock) {
        this.jobs = jobs;
        this.register = register;
        this.assembly = assembly;
        this.fitted = fitted;
        this.standings = standings;
        this.workshops = workshops;
        this.clock = clock;
    }

    /** The sheet of a job as it stands; {@code rigAddress} is what the code in its corner opens. */
    @Transactional(readOnly = true)
    public ServiceSheet of(UUID jobId, Function<UUID, String> rigAddress) {
        Bench<WheelEnd> bench = jobs.bench(jobId);
        WheelEnd end = bench.end();
        Rig rig = register.rig(end.rigId());
        WheelEndStatus standing = Optional.ofNullable(
                        standings.of(List.of(rig.inPlan())).get(end.id()))
                .orElseThrow();
        return new ServiceSheet(
                workshops.current().name(),
                rig.name() + ", " + end.positionName(),
                Stream.of(rig.plate(), rig.kind().words(), end.construction().words())
                        .filter(words -> !words.isEmpty())
                        .collect(Collectors.joining("; ")),
                facts(bench, rig),
                assembly.section(end.id()).section(),
                List.of(
                        new Block("Found", JobBlocks.found(bench)),
                        new Block("Fitted", fitted.of(end)),
                        new Block("Set", set(bench)),
                        new Block("Measured on the way", JobBlocks.readings(bench)),
                        new Block("Due again", due(standing))),
                cautions(standing),
                rigAddress.apply(rig.id()),
                !bench.job().state().isOver());
    }

    private List<Line> facts(Bench<WheelEnd> bench, Rig rig) {
        List<Line> facts = new ArrayList<>();
        facts.add(new Line("Work", bench.plan().brief().scope().words()));
        facts.add(new Line("Begun", day(bench.job().openedAt())));
        bench.entries().stream()
                .filter(entry ->
                        entry.entry() instanceof JobEntry.Closed || entry.entry() instanceof JobEntry.SignedOff)
                .reduce((earlier, later) -> later)
                .ifPresent(last -> facts.add(new Line("Closed", day(last.at()) + ", " + last.by())));
        facts.add(new Line(
                "Worked on by",
                bench.entries().stream().map(RecordedEntry::by).distinct().collect(Collectors.joining(", "))));
        if (!rig.owner().name().isEmpty()) {
            facts.add(new Line("Owner", rig.owner().name()));
        }
        facts.add(new Line("Thread", bench.end().nut().threadDesignation()));
        facts.add(new Line("Job", bench.job().id().toString().substring(0, 8)));
        return facts;
    }

    private List<Line> set(Bench<WheelEnd> bench) {
        return jobs.settings(bench).stream()
                .findFirst()
                .map(setting -> List.of(
                        new Line("end play", play(setting)),
                        new Line(
                                "window",
                                SheetWords.length(setting.window().value().least()) + " to "
                                        + SheetWords.length(
                                                setting.window().value().most()) + ", "
                                        + setting.window().source()),
                        new Line("nut and lock", setting.lockWords() + "; " + torque(setting.finalTorque())),
                        new Line(
                                "set by",
                                setting.setBy() + ", " + day(setting.setAt())
                                        + Optional.ofNullable(setting.signedOffBy())
                                                .map(by -> ", signed off by " + by)
                                                .orElse(""))))
                .orElse(List.of());
    }

    private static String play(SettingSummary setting) {
        @Nullable Length uncertainty = setting.uncertainty();
        String how = setting.measuredEndPlay() == null
                ? " worked out from the nut"
                : uncertainty == null
                        ? " measured"
                        : " ± " + SheetWords.length(uncertainty) + " measured by dial indicator";
        return SheetWords.length(setting.stands())
                + how
                + switch (setting.verdict()) {
                    case INSIDE -> "; inside its window";
                    case USABLE -> "; looser than good, usable";
                    case TOO_LOOSE -> "; TOO LOOSE for its window";
                    case TOO_TIGHT -> "; TOO TIGHT for its window";
                    case PRELOAD -> "; PRELOADED";
                }
                + (setting.certain() ? "" : ", too close to an edge to be sure");
    }

    private static String torque(@Nullable Torque torque) {
        return torque == null
                ? "no fine torque noted"
                : SheetWords.number(torque.newtonMetres(), 1) + " N·m ("
                        + SheetWords.number(torque.poundForceInches(), 0) + " lbf·in)";
    }

    private static List<Line> due(WheelEndStatus standing) {
        return standing.dues().stream()
                .map(due -> new Line(
                        due.action().words(),
                        SheetWords.day(due.when().likely())
                                + (due.when().isCertain()
                                        ? ""
                                        : ", likely "
                                                + SheetWords.day(due.when().earliest()) + " to "
                                                + SheetWords.day(due.when().latest()))
                                + "; " + due.governs().trigger().words() + ", "
                                + due.governs().source()))
                .toList();
    }

    private static List<String> cautions(WheelEndStatus standing) {
        List<String> cautions = new ArrayList<>();
        boolean nuts = standing.dues().stream().map(Due::action).anyMatch(DueAction.RETORQUE::equals);
        if (nuts) {
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
