package oldtallow.app.outlet.api;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.identity.api.Workshops;
import oldtallow.app.job.api.Forecasts;
import oldtallow.app.outlet.model.PlanSheet;
import oldtallow.app.outlet.model.PlanSheet.Tick;
import oldtallow.app.outlet.model.ServiceSheet.Line;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.Side;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.stock.model.JobForecasts.JobForecast;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.round.RoundForecast;
import oldtallow.core.procedure.round.RoundForecast.AtHubs;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts a job that has not begun on one sheet: to read, to hand over, to tick by hand. */
@Service
public class PlanSheets {

    private final Forecasts forecasts;
    private final Register register;
    private final Assembly assembly;
    private final Figures figures;
    private final FigureWords words;
    private final Workshops workshops;

    PlanSheets(
            Forecasts forecasts,
            Register register,
            Assembly assembly,
            Figures figures,
            FigureWords words,
            Workshops workshops) {
        this.forecasts = forecasts;
        this.register = register;
        this.assembly = assembly;
        this.figures = figures;
        this.words = words;
        this.workshops = workshops;
    }

    /**
     * The job that is asked for.
     *
     * @param wheelEndIds of the rig; none for all of its wheel ends
     */
    public record Asked(UUID rigId, List<UUID> wheelEndIds, Scope scope, Choices choices) {}

    /** How the workshop does what can be done in several ways. */
    @Transactional(readOnly = true)
    public Choices usual() {
        return forecasts.usual();
    }

    /** The sheet of a job; {@code address} is what the code in its corner opens. */
    @Transactional(readOnly = true)
    public PlanSheet of(Asked asked, String address) {
        Rig rig = register.rig(asked.rigId());
        List<UUID> ids = rig.wheelEnds()
                .map(WheelEnd::id)
                .filter(id ->
                        asked.wheelEndIds().isEmpty() || asked.wheelEndIds().contains(id))
                .toList();
        List<JobForecast> hubs = forecasts.forecasts(
                rig.id(), ids.isEmpty() ? asked.wheelEndIds() : ids, asked.scope(), asked.choices());
        var round = new RoundForecast(hubs.stream()
                .map(one -> new RoundForecast.HubForecast(one.plan(), one.takes()))
                .toList());
        WheelEnd first = hubs.getFirst().end();
        return new PlanSheet(
                workshops.current().name(),
                rig.name(),
                round.whole().brief().scope().words() + "; "
                        + hubs.stream().map(one -> one.end().positionName()).collect(Collectors.joining(", ")),
                hubs.stream().map(one -> letters(one.end())).toList(),
                facts(hubs, round),
                assembly.section(first.id()).section(),
                governing(hubs, round),
                stages(round),
                cautions(round),
                address);
    }

    /** R for right, and where there are more axles which one, from the front: 2R. */
    private static String letters(WheelEnd end) {
        return (end.axleCount() == 1 ? "" : String.valueOf(end.axlePosition())) + (end.side() == Side.LEFT ? "L" : "R");
    }

    private static List<Line> facts(List<JobForecast> hubs, RoundForecast round) {
        List<Line> facts = new ArrayList<>();
        facts.add(
                new Line("Takes about", Math.max(1, round.takes().toMinutes()) + " min, " + round.count() + " steps"));
        facts.add(new Line(
                "Hub",
                hubs.stream()
                        .map(one -> one.end().construction().words())
                        .distinct()
                        .collect(Collectors.joining("; "))));
        facts.add(new Line("New", round.newParts().isEmpty() ? "nothing" : String.join(", ", round.newPartWords())));
        String ways = hubs.stream()
                .flatMap(one -> one.choices().stream())
                .map(open -> open.kind().words() + " " + open.now().words())
                .distinct()
                .collect(Collectors.joining("; "));
        if (!ways.isEmpty()) {
            facts.add(new Line("Done so", ways));
        }
        return facts;
    }

    /** What governs at the first hub, and at another one where that is something else. */
    private List<Line> governing(List<JobForecast> hubs, RoundForecast round) {
        boolean isSet = round.whole().brief().scope().setsNut();
        return hubs.stream().flatMap(one -> lines(one.end(), isSet)).distinct().toList();
    }

    private Stream<Line> lines(WheelEnd end, boolean isSet) {
        Map<FigureKind, List<GoverningFigure<FigureValue>>> ladder = figures.ladder(end);
        return Arrays.stream(FigureKind.values())
                .filter(kind -> kind != FigureKind.INTERVAL && (isSet || kind == FigureKind.GREASE))
                .flatMap(kind -> ladder.getOrDefault(kind, List.of()).stream()
                        .limit(1)
                        .map(figure -> new Line(kind.words(), words.of(figure.value()) + " – " + figure.source())));
    }

    private static List<PlanSheet.Stage> stages(RoundForecast round) {
        List<AtHubs> steps = round.steps();
        return Arrays.stream(Stage.values())
                .map(stage -> new PlanSheet.Stage(
                        stage.number() + " " + stage.words(),
                        steps.stream()
                                .filter(one -> one.step().stage() == stage)
                                .map(PlanSheets::tick)
                                .toList()))
                .filter(stage -> !stage.ticks().isEmpty())
                .toList();
    }

    private static Tick tick(AtHubs at) {
        Step step = at.step();
        // figures of the nut, and what must hold, are looked at where the hands are
        Stream<String> said = step.stage() == Stage.SET_NUT ? step.how().stream() : Stream.empty();
        Stream<String> must = step.checks().stream().filter(Check::must).map(check -> "Must: " + check.says() + ".");
        Stream<String> hurts = step.cautions().stream().map(caution -> "! " + caution.title() + ".");
        return new Tick(
                step.what(),
                Stream.of(said, must, hurts).flatMap(one -> one).collect(Collectors.joining(" ")),
                at.hubs());
    }

    private static List<Line> cautions(RoundForecast round) {
        return round.steps().stream()
                .flatMap(one -> one.step().cautions().stream())
                .distinct()
                .map(caution -> new Line(caution.title(), caution.words()))
                .toList();
    }
}
