package oldtallow.app.trackside.model;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.Rates;
import oldtallow.app.identity.model.Workshop;
import oldtallow.app.job.model.RigJob;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.GreaseFill;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.app.register.reference.CatalogueSet;
import oldtallow.app.register.reference.FiledFigure;
import oldtallow.app.register.reference.OwnProcedure;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.KeptEntry;
import oldtallow.app.schedule.model.ServiceEvent;
import oldtallow.app.schedule.model.Trip;
import oldtallow.app.schedule.model.WarmthStop;
import oldtallow.app.schedule.model.WaterNote;
import oldtallow.app.setting.model.PlayCheck;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.app.stock.model.ShelfStore;
import oldtallow.app.stock.model.StockBatch;
import oldtallow.app.stock.model.StockItem;
import oldtallow.core.hub.Construction;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Scope;
import org.jspecify.annotations.Nullable;

/**
 * What a person takes along to where there is no network: some rigs, with all that their bench, dial and almanac are worked out
 * from.
 *
 * @param at when it was taken, by the server's clock
 * @param utcOffsetSeconds of the workshop's time then: where its days begin
 * @param by whose it is
 */
public record TakenAlong(
        Instant at,
        int utcOffsetSeconds,
        SignedIn by,
        Workshop workshop,
        @Nullable Rates rates,
        Register register,
        Jobs jobs,
        Settings settings,
        Schedule schedule,
        Shelf shelf) {

    /**
     * The rigs, and what hangs on them.
     *
     * @param builds of wheel ends, the latest first
     * @param figures of these rigs, and the workshop's own rules
     * @param sets of the workshop's own
     */
    public record Register(
            List<Rig> rigs,
            Map<UUID, List<WheelEndBuild>> builds,
            List<FittedPart> parts,
            List<GreaseFill> greasings,
            List<FiledFigure> figures,
            List<OwnProcedure> procedures,
            List<CatalogueSet> sets,
            List<WorkshopTool> tools) {}

    /**
     * Jobs on them: those that are open, and the last that are over.
     *
     * @param entries by job
     * @param written the places of entries among all that the server wrote
     * @param usual what of each choice the workshop usually does, by the name of the way
     */
    public record Jobs(
            List<RigJob> rigJobs,
            List<Ended> over,
            List<Job> jobs,
            Map<UUID, List<RecordedEntry>> entries,
            Map<UUID, Long> written,
            Map<ChoiceKind, String> usual,
            List<PastWork> pastWork) {}

    /** When a job was over. */
    public record Ended(UUID jobId, Instant at) {}

    /** How long jobs like this one took. */
    public record PastWork(Construction construction, Scope scope, List<Duration> worked) {}

    /** Settings of their nuts; {@code written} as of jobs. */
    public record Settings(List<SettingSummary> settings, Map<UUID, Long> written, List<PlayCheck> checks) {}

    /** What the almanac is worked out from. */
    public record Schedule(
            List<KeptEntry> meters,
            List<Trip> trips,
            List<WaterNote> water,
            List<ServiceEvent> services,
            List<WarmthStop> stops,
            Map<UUID, List<DueStore.Told>> told) {}

    /** What lies on the shelf. */
    public record Shelf(List<StockItem> items, List<StockBatch> batches, List<ShelfStore.InWheelEnd> carried) {}
}
