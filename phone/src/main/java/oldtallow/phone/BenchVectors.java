package oldtallow.phone;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.LockPlate;
import oldtallow.core.fastening.lock.PushOnRetainer;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.SteppedLock;
import oldtallow.core.fastening.lock.TangWasher;
import oldtallow.core.fastening.sequence.StandardProcedures;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.JobBrief.Known;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Ledger;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.job.Planner;
import oldtallow.core.procedure.job.Replan;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.nut.Advice;
import oldtallow.core.setting.nut.NutCase;
import oldtallow.core.setting.nut.NutReading;
import oldtallow.core.setting.nut.Remedy;
import oldtallow.core.setting.nut.Stop;

/** Nuts on every lock and thread, and the plan of each job there is. */
final class BenchVectors {

    private final Lines lines;

    BenchVectors(Lines lines) {
        this.lines = lines;
    }

    void all() {
        nuts();
        plans();
    }

    private void nuts() {
        List<SteppedLock> locks = List.of(
                new CastleNut(6, List.of(Turn.ZERO)),
                new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(90))),
                new CastleNut(8, List.of(Turn.ofDegrees(15))),
                new TangWasher(6, List.of(Turn.ZERO)),
                new PushOnRetainer(12, List.of(Turn.ZERO)),
                new SeatedRetainer(8, 6, List.of(Turn.ZERO)),
                new SeatedRetainer(10, 12, List.of(Turn.ZERO)),
                new LockPlate(22, 8, 2));
        for (SteppedLock lock : locks) {
            for (SpindleThread thread : SpindleThread.values()) {
                for (int degrees = 0; degrees < 60; degrees += 17) {
                    nut(lock, thread, degrees);
                }
            }
        }
    }

    private void nut(SteppedLock lock, SpindleThread thread, int degrees) {
        String of =
                "nut " + lock.getClass().getSimpleName() + " " + lock.positionsPerMark() + " " + thread + " " + degrees;
        var one = new NutCase(
                thread.cut(ThreadHand.RIGHT),
                lock,
                NutReading.atZeroPlay(1, Turn.ofDegrees(degrees)),
                new GoverningFigure<>(EndPlayWindow.COMMON_PRACTICE, Authority.COMMON_PRACTICE, "common practice"),
                Length.ofMillimetres(3));
        one.stops().forEach(stop -> stop(of, stop));
        switch (one.advice()) {
            case Advice.Take(Stop stop) -> stop(of + " take", stop);
            case Advice.TakeUsable(Stop stop, List<Remedy> remedies) -> stop(of + " usable " + remedies.size(), stop);
            case Advice.NoneGood(List<Remedy> remedies) -> lines.tell(of + " none", remedies.size());
            case Advice.AnyAngle(double from, double to, double suggested, boolean again) ->
                lines.tell(of + " any", from, to, suggested);
        }
    }

    private void stop(String of, Stop stop) {
        lines.tell(of, stop.backOff().numerator() + "/" + stop.backOff().denominator() + " " + stop.verdict());
        lines.tell(of, stop.endPlay().millimetres());
    }

    private void plans() {
        for (Construction construction : Construction.values()) {
            for (Scope scope : Scope.values()) {
                if (!scope.isPossibleOn(construction)) {
                    continue;
                }
                for (Fastening fastening : Fastening.values()) {
                    plan(construction, scope, fastening);
                }
            }
        }
    }

    private void plan(Construction construction, Scope scope, Fastening fastening) {
        HubPreset preset = HubPreset.of(construction);
        Plan plan = Planner.plan(new JobBrief(
                construction,
                fastening,
                preset.fittings(),
                scope,
                Choices.USUAL,
                Known.NOTHING,
                Worker.MECHANIC,
                StandardProcedures.of(scope.procedure(preset.procedure())),
                Set.of()));
        String of = "plan " + construction + " " + scope + " " + fastening;
        List<Step> half = plan.steps().subList(0, plan.steps().size() / 2);
        lines.tell(
                of,
                "left " + Replan.rest(plan, half).size() + ", on the tray "
                        + Ledger.after(half, plan.brief()).onTray());
        if (fastening == Fastening.of(preset.lock())) {
            plan.steps().forEach(step -> lines.tell(of, words(step)));
        } else {
            plan.steps()
                    .forEach(
                            step -> lines.tell(of, step.id() + " " + words(step).hashCode()));
        }
    }

    private static String words(Step step) {
        Stream<String> checks = step.checks().stream().map(check -> check.id() + " " + check.says());
        Stream<String> cautions = step.cautions().stream().map(caution -> caution.words());
        return Stream.of(
                        Stream.of(step.id(), step.what(), step.why()),
                        step.how().stream(),
                        checks,
                        cautions,
                        step.moves().stream().map(move -> move.kind() + " " + move.part()))
                .flatMap(part -> part)
                .reduce((a, b) -> a + " | " + b)
                .orElseThrow();
    }
}
