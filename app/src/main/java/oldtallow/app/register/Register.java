package oldtallow.app.register;

import java.util.List;
import java.util.UUID;
import oldtallow.app.platform.NotFoundException;
import oldtallow.app.workshop.Workshops;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.endplay.GoverningFigure;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The register of the workshop that asks. */
@Service
public class Register {

    private final RegisterStore store;
    private final Workshops workshops;

    Register(RegisterStore store, Workshops workshops) {
        this.store = store;
        this.workshops = workshops;
    }

    /** All rigs by yard number. */
    @Transactional(readOnly = true)
    public List<Rig> rigs() {
        return store.rigs(workshops.current().id());
    }

    /** One wheel end; throws {@link NotFoundException} if this workshop has none of that id. */
    @Transactional(readOnly = true)
    public WheelEnd wheelEnd(UUID id) {
        return store.wheelEnd(workshops.current().id(), id).orElseThrow(() -> new NotFoundException("wheel end", id));
    }

    /** Enters a rig with its axles, wheel ends and their figures. */
    @Transactional
    public void enter(Rig rig) {
        UUID workshopId = workshops.current().id();
        store.add(workshopId, rig);
        for (Rig.Axle axle : rig.axles()) {
            for (WheelEnd end : axle.wheelEnds()) {
                end.windows().forEach(figure -> store.addWindow(workshopId, end.id(), figure));
            }
        }
    }

    /** Makes a figure the workshop's own rule for every wheel end. */
    @Transactional
    public void setRule(GoverningFigure<EndPlayWindow> rule) {
        store.addWindow(workshops.current().id(), null, rule);
    }
}
