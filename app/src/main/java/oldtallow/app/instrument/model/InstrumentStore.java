package oldtallow.app.instrument.model;

import java.util.List;
import java.util.UUID;

/** Where paired instruments are kept. */
public interface InstrumentStore {

    /** By kind and name. */
    List<PairedInstrument> all();

    /** False where its port is paired already. */
    boolean add(PairedInstrument instrument);

    /** False where there is none. */
    boolean remove(UUID id);
}
