package oldtallow.core.procedure.round;

import oldtallow.core.hub.BuiltHub;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.run.Run;

/** What one press does at a hub. */
public record HubRun<H extends BuiltHub>(Bench<H> bench, Run run) {}
