package oldtallow.app.demo;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.demo.DemoYard.DemoJob;
import oldtallow.app.job.api.Jobs;
import oldtallow.app.job.api.RigJobs;
import oldtallow.app.job.model.NewEntry;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.judge.Finding.Sense;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.judge.Looked;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Step;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Jobs half done on the demo's bench. */
@Component
@ConditionalOnProperty("oldtallow.demo")
class DemoBench {

    private final Register register;
    private final RigJobs openings;
    private final Jobs jobs;

    DemoBench(Register register, RigJobs openings, Jobs jobs) {
        this.openings = openings;
        this.register = register;
        this.jobs = jobs;
    }

    /** Opens a job as whoever asks, and does its steps, every check met, up to the one named. */
    void begin(DemoJob demo) {
        WheelEnd end = DemoEntries.wheelEnd(register, demo.rig(), demo.axle(), demo.side());
        UUID id = DemoEntries.id("job " + demo.rig());
        Bench<WheelEnd> bench = openings.open(id, end.id(), new RigJobs.Extent(demo.scope(), Choices.USUAL));
        while (bench.now().filter(step -> !step.id().equals(demo.until())).isPresent()) {
            Step now = bench.now().get();
            now.verdictOn().ifPresent(item -> jobs.enter(id, nothingFound(item)));
            bench = jobs.enter(id, done(now));
        }
    }

    private static NewEntry nothingFound(JudgedItem item) {
        var looked = new Looked(true, EnumSet.allOf(Sense.class), false);
        return new NewEntry(UUID.randomUUID(), new JobEntry.Judged(item, List.of(), looked, null, ""));
    }

    private static NewEntry done(Step step) {
        Set<String> met = step.checks().stream().map(Check::id).collect(Collectors.toSet());
        return new NewEntry(UUID.randomUUID(), new JobEntry.StepDone(step.id(), met, List.of(), ""));
    }
}
