package oldtallow.app.instrument.model;

import java.util.List;
import java.util.UUID;

/** Where paired instruments are kept. */
public interface InstrumentStore {

    /** By kind and name. */
    List<PairedInstrument> all(UUID workshopId);

    /** False where its port is paired already. */
    boolean add(UUID workshopId, PairedInstrument instrument);

    /** False where there is none. */
    boolean remove(UUID workshopId, UUID id);
}
