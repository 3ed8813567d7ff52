package oldtallow.app.job.web;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.job.api.JobRecords.Remarks;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.choice.ChoiceOpen;
import oldtallow.core.procedure.round.HubRun;
import oldtallow.core.procedure.run.Run;
import oldtallow.core.procedure.run.Stop;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.quantity.ReadingKind;
import org.jspecify.annotations.Nullable;

/**
 * What the hands do now in one go.
 *
 * @param stop what it ends with
 * @param alongside what the same press does at other hubs of the rig
 */
record RunView(Stop stop, List<BenchStepView> steps, List<AlongsideView> alongside) {

    /** The run of a job as it stands; null where nothing is left. */
    static @Nullable RunView of(Bench<WheelEnd> bench, Remarks remarks) {
        return remarks.round()
                .run(bench.job().id())
                .map(HubRun::run)
                .or(() -> Run.of(bench.rest()).stream().findFirst())
                .map(run -> of(
                        run,
                        bench,
                        remarks,
                        remarks.round().alongside(bench.job().id(), remarks.asker())))
                .orElse(null);
    }

    private static RunView of(Run run, Bench<WheelEnd> bench, Remarks remarks, List<HubRun<WheelEnd>> alongside) {
        List<Bench<WheelEnd>> together = Stream.concat(
                        Stream.of(bench), alongside.stream().map(HubRun::bench))
                .toList();
        return new RunView(
                run.stop(),
                views(run.steps(), bench, remarks.choices(), together),
                alongside.stream()
                        .map(other -> new AlongsideView(
                                other.bench().job().id(),
                                other.bench().end().positionName(),
                                views(other.run().steps(), other.bench(), List.of(), together)))
                        .toList());
    }

    /** Where the other end of its axle is felt by the same press, a hub's other side is not asked for. */
    private static List<BenchStepView> views(
            List<Step> steps, Bench<WheelEnd> bench, List<ChoiceOpen> choices, List<Bench<WheelEnd>> together) {
        boolean withOtherSide = together.stream()
                        .filter(hub -> hub.end().axleId().equals(bench.end().axleId()))
                        .count()
                > 1;
        return steps.stream()
                .map(step -> BenchStepView.of(step, bench, choices))
                .map(view -> withOtherSide ? view.without(ReadingKind.OTHER_HUB_TEMPERATURE) : view)
                .toList();
    }

    /** What a press does at another hub. */
    record AlongsideView(UUID jobId, String position, List<BenchStepView> steps) {}
}
