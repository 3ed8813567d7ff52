package oldtallow.app.schedule.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.ServiceEvent;
import oldtallow.app.schedule.model.ServiceEvent.Kind;
import oldtallow.app.schedule.model.ServiceEvent.Source;
import oldtallow.app.schedule.model.ServiceStore;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done at wheel ends of the workshop that asks. */
@Service
public class ServiceLog {

    private static final int MOST_NOTE = 300;

    private final ServiceStore store;
    private final Register register;
    private final Clock clock;

    ServiceLog(ServiceStore store, Register register, Clock clock) {
        this.store = store;
        this.register = register;
        this.clock = clock;
    }

    /** What was done at these wheel ends, in the order of the days. */
    @Transactional(readOnly = true)
    public List<ServiceEvent> of(Collection<UUID> wheelEndIds) {
        return store.of(wheelEndIds);
    }

    /** Something done outside a job, as a re-torque at the roadside; sent again under the same id it is the same. */
    @Transactional
    public void byHand(UUID id, UUID wheelEndId, Kind kind, LocalDate on, String note) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        var errors = new FieldErrors();
        if (on.isAfter(LocalDate.now(clock))) {
            errors.add("on", on, "is in the future; give the day it was done, today at the latest");
        }
        errors.atMost("note", note, MOST_NOTE);
        errors.throwIfAny();
        record(id, end, kind, on, Source.HAND, null, note.strip());
        register.touched(end.rigId(), kind.words());
    }

    /** Something that follows from a job or a setting; whoever records it tells the rig itself. */
    @Transactional
    public void record(
            UUID id, WheelEnd end, Kind kind, LocalDate on, Source source, @Nullable UUID jobId, String note) {
        var event = new ServiceEvent(
                id, end.id(), kind, on, source, jobId, CurrentPerson.now().name(), note);
        store.add(event);
    }
}
