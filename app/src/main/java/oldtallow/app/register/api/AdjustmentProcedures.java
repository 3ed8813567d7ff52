package oldtallow.app.register.api;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.register.reference.OwnProcedure;
import oldtallow.app.register.reference.ProcedureStore;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.sequence.StandardProcedures;
import oldtallow.core.refusal.InvalidInputException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adjustment procedures that the workshop that asks may choose from. */
@Service
public class AdjustmentProcedures {

    private static final int MOST_OWN = 200;

    private final ProcedureStore store;

    public AdjustmentProcedures(ProcedureStore store) {
        this.store = store;
    }

    /** The trade's, then the workshop's own that are still in use. */
    @Transactional(readOnly = true)
    public List<AdjustmentProcedure> all() {
        return Stream.concat(
                        StandardProcedures.all().stream(),
                        own().stream().filter(one -> !one.retired()).map(OwnProcedure::procedure))
                .toList();
    }

    /** The workshop's own, retired ones too. */
    @Transactional(readOnly = true)
    public List<OwnProcedure> own() {
        return store.all();
    }

    /** A procedure by its id, in use or not. */
    @Transactional(readOnly = true)
    public Optional<AdjustmentProcedure> find(ProcedureId id) {
        return with(id, StandardProcedures.all().stream())
                .or(() -> with(id, own().stream().map(OwnProcedure::procedure)));
    }

    private static Optional<AdjustmentProcedure> with(ProcedureId id, Stream<AdjustmentProcedure> procedures) {
        return procedures.filter(procedure -> procedure.id().equals(id)).findFirst();
    }

    /** As {@link #find}; refuses an id that is none. */
    @Transactional(readOnly = true)
    public AdjustmentProcedure require(ProcedureId id) {
        return find(id).orElseThrow(() -> new InvalidInputException(
                "procedure", id.value(), "is no procedure of this workshop; choose one of the list"));
    }

    /** Its name, for words about what was set by it. */
    @Transactional(readOnly = true)
    public String label(ProcedureId id) {
        return find(id).map(AdjustmentProcedure::label).orElse(id.value());
    }

    /** Enters or changes one of the workshop's own. */
    @Transactional
    public void put(OwnProcedure procedure) {
        List<OwnProcedure> own = own();
        Optional<OwnProcedure> now =
                own.stream().filter(one -> one.id().equals(procedure.id())).findFirst();
        if (now.filter(one -> one.procedure().equals(procedure.procedure()) && one.retired() == procedure.retired())
                .isPresent()) {
            return; // sent twice
        }
        if (now.isEmpty() && own.size() >= MOST_OWN) {
            throw new InvalidInputException(
                    "label", procedure.procedure().label(), "is one too many: a workshop keeps at most " + MOST_OWN);
        }
        if (now.map(OwnProcedure::version).orElse(0) != procedure.version()) {
            throw new ConflictException("Somebody changed "
                    + now.map(one -> one.procedure().label()).orElse("it") + " meanwhile. Load it again.");
        }
        if (!store.put(procedure)) {
            throw new InvalidInputException(
                    "label",
                    procedure.procedure().label(),
                    "is the name of another procedure; call this one something else");
        }
    }

    /** Offers it no longer. */
    @Transactional
    public void retire(UUID id) {
        own().stream()
                .filter(one -> one.id().equals(id) && !one.retired())
                .forEach(now -> store.put(new OwnProcedure(now.procedure(), true, now.version())));
    }
}
