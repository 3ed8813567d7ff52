package oldtallow.app.job.web;

import java.time.Instant;
import java.util.UUID;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.step.Step;
import org.jspecify.annotations.Nullable;

/**
 * A job in a list.
 *
 * @param rigJobId the same for all hubs of one job
 * @param now the step to do now; null when none is left
 */
record JobLineView(
        UUID id,
        UUID rigJobId,
        UUID wheelEndId,
        String rigName,
        String position,
        String scopeWords,
        Job.State state,
        @Nullable String now,
        int stage,
        int stepsDone,
        int stepsLeft,
        @Nullable String waitsFor,
        String lastBy,
        Instant lastAt) {

    static JobLineView of(Bench<WheelEnd> bench) {
        RecordedEntry last = bench.entries().getLast();
        return new JobLineView(
                bench.job().id(),
                bench.job().rigJobId(),
                bench.end().id(),
                bench.end().rigName(),
                bench.end().positionName(),
                bench.plan().brief().scope().words(),
                bench.job().state(),
                bench.now().map(Step::what).orElse(null),
                bench.now().map(step -> step.stage().number()).orElse(12),
                bench.done().size(),
                bench.rest().size(),
                bench.waits().map(waits -> waits.what()).orElse(null),
                last.by(),
                last.at());
    }
}
