package oldtallow.phone.kept;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.model.SecurityNotes;
import oldtallow.app.identity.model.WorkshopStore;
import oldtallow.app.job.api.JobStore;
import oldtallow.app.job.api.RigJobStore;
import oldtallow.app.job.api.UsualChoiceStore;
import oldtallow.app.register.model.FittedPartStore;
import oldtallow.app.register.model.GreaseFillStore;
import oldtallow.app.register.model.RegisterStore;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.photo.Photo;
import oldtallow.app.register.photo.PhotoStore;
import oldtallow.app.register.reference.CatalogueStore;
import oldtallow.app.register.reference.FigureStore;
import oldtallow.app.register.reference.ProcedureStore;
import oldtallow.app.register.reference.ToolStore;
import oldtallow.app.schedule.api.DueProgress;
import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.ServiceStore;
import oldtallow.app.schedule.model.UsageStore;
import oldtallow.app.schedule.model.WarmthStore;
import oldtallow.app.setting.model.NutSettingStore;
import oldtallow.app.setting.model.PlayCheckStore;
import oldtallow.app.stock.model.ShelfStore;
import oldtallow.app.trackside.model.TakenAlong;
import oldtallow.phone.wired.Ports;
import org.springframework.context.ApplicationEventPublisher;

/** All that the application asks for, from what was taken along. */
public final class KeptPorts implements Ports {

    private final TakenAlong taken;
    private final Clock clock;
    private final KeptJobs jobs;
    private final KeptRigJobs rigJobs;
    private final KeptSettings settings;
    private final KeptWorkshop workshop;

    public KeptPorts(TakenAlong taken, Clock clock) {
        this.taken = taken;
        this.clock = clock;
        var order = new Order(taken);
        jobs = new KeptJobs(taken.jobs(), order);
        rigJobs = new KeptRigJobs(taken.jobs().rigJobs(), jobs);
        settings = new KeptSettings(taken.settings(), order);
        workshop = new KeptWorkshop(taken);
    }

    @Override
    public Clock clock() {
        return clock;
    }

    /** Nobody here derives anything that the server would not derive again. */
    @Override
    public ApplicationEventPublisher applicationEventPublisher() {
        return event -> {};
    }

    @Override
    public SecurityNotes securityNotes() {
        return (kind, details) -> {
            throw Rows.needsServer();
        };
    }

    @Override
    public WorkshopStore workshopStore() {
        return workshop;
    }

    @Override
    public UsualChoiceStore usualChoiceStore() {
        return workshop;
    }

    @Override
    public JobStore jobStore() {
        return jobs;
    }

    @Override
    public RigJobStore rigJobStore() {
        return rigJobs;
    }

    @Override
    public NutSettingStore nutSettingStore() {
        return settings;
    }

    @Override
    public PlayCheckStore playCheckStore() {
        return new KeptPlayChecks(taken.settings().checks(), settings);
    }

    @Override
    public RegisterStore registerStore() {
        return new KeptRegister(taken.register());
    }

    @Override
    public FittedPartStore fittedPartStore() {
        return new KeptParts(taken.register().parts());
    }

    @Override
    public GreaseFillStore greaseFillStore() {
        return new KeptGreasings(taken.register().greasings());
    }

    @Override
    public PhotoStore photoStore() {
        return new NoPhotos();
    }

    @Override
    public CatalogueStore catalogueStore() {
        return KeptReference.sets(taken.register());
    }

    @Override
    public FigureStore figureStore() {
        return KeptReference.figures(taken.register());
    }

    @Override
    public ProcedureStore procedureStore() {
        return KeptReference.procedures(taken.register());
    }

    @Override
    public ToolStore toolStore() {
        return KeptReference.tools(taken.register());
    }

    @Override
    public UsageStore usageStore() {
        return KeptSchedule.usage(taken.schedule());
    }

    @Override
    public ServiceStore serviceStore() {
        return KeptSchedule.services(taken.schedule());
    }

    @Override
    public WarmthStore warmthStore() {
        return KeptSchedule.stops(taken.schedule());
    }

    @Override
    public DueStore dueStore() {
        return new KeptDues(
                taken.register().rigs().stream().map(Rig::id).toList(),
                taken.schedule().told());
    }

    @Override
    public DueProgress dueProgress() {
        return () -> true;
    }

    @Override
    public ShelfStore shelfStore() {
        return new KeptShelf(taken.shelf());
    }

    /** Pictures of rigs stay at home. */
    private static final class NoPhotos implements PhotoStore {

        @Override
        public Optional<Photo> ofRig(UUID rigId) {
            return Optional.empty();
        }

        @Override
        public boolean has(UUID rigId) {
            return false;
        }

        @Override
        public void put(UUID rigId, Photo photo) {
            throw Rows.needsServer();
        }

        @Override
        public void remove(UUID rigId) {
            throw Rows.needsServer();
        }
    }
}
