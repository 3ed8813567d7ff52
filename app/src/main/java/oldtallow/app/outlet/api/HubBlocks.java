package oldtallow.app.outlet.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.outlet.model.ServiceSheet.Block;
import oldtallow.app.outlet.model.ServiceSheet.Line;
import oldtallow.app.register.api.FittedParts;
import oldtallow.app.register.api.GreaseFills;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.GreaseFill;
import oldtallow.app.register.model.PartPlace;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.api.WheelEndStatuses;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What a job says of one hub on its sheet. */
@Component
class HubBlocks {

    private final JobRecords jobs;
    private final FittedParts fitted;
    private final GreaseFills greasings;
    private final WheelEndStatuses standings;
    private final Clock clock;

    HubBlocks(JobRecords jobs, FittedParts fitted, GreaseFills greasings, WheelEndStatuses standings, Clock clock) {
        this.jobs = jobs;
        this.fitted = fitted;
        this.greasings = greasings;
        this.standings = standings;
        this.clock = clock;
    }

    /** Hub by hub; the same titles in the same order for each, some with no line. */
    List<List<Block>> of(Rig rig, List<Bench<WheelEnd>> hubs) {
        Map<UUID, WheelEndStatus> standing = standings.of(List.of(rig.inPlan()));
        return hubs.stream()
                .map(hub -> of(
                        hub, Optional.ofNullable(standing.get(hub.end().id())).orElseThrow()))
                .toList();
    }

    private List<Block> of(Bench<WheelEnd> bench, WheelEndStatus standing) {
        return List.of(
                new Block("Found", JobBlocks.found(bench)),
                new Block("Fitted", fitted(bench)),
                new Block("Set", set(bench)),
                new Block("Measured on the way", JobBlocks.readings(bench)),
                new Block("Due again", due(standing)));
    }

    private List<Line> fitted(Bench<WheelEnd> bench) {
        UUID end = bench.end().id();
        LocalDate begun = LocalDate.ofInstant(bench.job().openedAt(), clock.getZone());
        Set<PartPlace> renewed = bench.done().stream()
                .flatMap(one -> one.step().moves().stream())
                .filter(move -> move.kind() == Kind.RENEW || move.kind() == Kind.FIT)
                .flatMap(move -> PartPlace.of(move.part()).stream())
                .collect(Collectors.toSet());
        List<Line> lines = new ArrayList<>();
        for (FittedPart part : fitted.fittedTo(end)) {
            boolean isBefore = part.fittedOn() == null || part.fittedOn().isBefore(begun);
            boolean isReplaced = isBefore && renewed.contains(part.place());
            lines.add(isReplaced ? replaced(part) : part(part));
        }
        greasings.last(end).ifPresent(fill -> lines.add(new Line("grease", grease(fill))));
        return lines;
    }

    private static Line replaced(FittedPart before) {
        return new Line(
                before.place().words(), "new on this job, its number not written down; before it " + before.words());
    }

    private static Line part(FittedPart part) {
        return new Line(
                part.place().words(),
                Stream.of(
                                part.words(),
                                part.batch().isEmpty() ? "" : "batch " + part.batch(),
                                part.condition() == FittedPart.Condition.NEW ? "new" : "used before",
                                part.fittedOn() == null ? "" : "fitted " + SheetWords.day(part.fittedOn()))
                        .filter(words -> !words.isEmpty())
                        .collect(Collectors.joining(", ")));
    }

    private static String grease(GreaseFill fill) {
        return fill.grease().known()
                ? fill.grease().name() + ", " + fill.grease().thickener().words()
                        + (fill.batch().isEmpty() ? "" : ", batch " + fill.batch())
                : "not known";
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
                                setting.setBy() + ", "
                                        + SheetWords.day(LocalDate.ofInstant(setting.setAt(), clock.getZone()))
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
}
