package oldtallow.app.job.web;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.job.api.JobRecords.Remarks;
import oldtallow.app.register.model.Side;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.round.RigRound;
import oldtallow.core.procedure.round.RoundOrder;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import org.jspecify.annotations.Nullable;

/**
 * The hubs of one job on a rig.
 *
 * @param hubs in the order in which they are gone round, this one among them
 * @param behind hubs for which the next step here waits; empty where it waits for none
 * @param next the hub to go to now; null where it goes on here, or nowhere
 */
record RoundView(
        UUID rigJobId,
        RoundOrder order,
        List<RoundHubView> hubs,
        List<UUID> behind,
        @Nullable UUID next) {

    static RoundView of(Bench<WheelEnd> bench, Remarks remarks) {
        RigRound<WheelEnd> round = remarks.round();
        UUID here = bench.job().id();
        return new RoundView(
                bench.job().rigJobId(),
                round.order(),
                round.hubs().stream().map(hub -> RoundHubView.of(hub, remarks)).toList(),
                round.behind(here).stream().map(hub -> hub.job().id()).toList(),
                round.next(here, remarks.asker()).map(hub -> hub.job().id()).orElse(null));
    }

    /**
     * A hub of the job.
     *
     * @param stage of what is next there; that of the last stage where nothing is left
     * @param now what is next there; null where nothing is left
     * @param by who else is there now; null where nobody is
     */
    record RoundHubView(
            UUID jobId,
            UUID wheelEndId,
            String position,
            int axlePosition,
            Side side,
            Job.State state,
            int stage,
            String stageWords,
            @Nullable String now,
            int stepsDone,
            int stepsLeft,
            @Nullable String waitsFor,
            @Nullable String by) {

        static RoundHubView of(Bench<WheelEnd> hub, Remarks remarks) {
            Optional<Step> now = hub.now();
            Stage stage = now.map(Step::stage).orElse(Stage.REMEMBER);
            return new RoundHubView(
                    hub.job().id(),
                    hub.end().id(),
                    hub.end().positionName(),
                    hub.end().axlePosition(),
                    hub.end().side(),
                    hub.job().state(),
                    stage.number(),
                    stage.words(),
                    now.map(Step::what).orElse(null),
                    hub.done().size(),
                    hub.rest().size(),
                    hub.waits().map(waits -> waits.what()).orElse(null),
                    remarks.round()
                            .by(hub, remarks.asker())
                            .map(RecordedEntry::by)
                            .orElse(null));
        }
    }
}
