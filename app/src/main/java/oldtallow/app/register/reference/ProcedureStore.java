package oldtallow.app.register.reference;

import java.util.List;
import java.util.UUID;

/** Where a workshop's own schools are kept. None is ever deleted: settings name them. */
public interface ProcedureStore {

    /** By name, retired ones too. */
    List<OwnProcedure> all(UUID workshopId);

    /** Enters one, or changes the one of its id. False where its name is taken, or the version is stale. */
    boolean put(UUID workshopId, OwnProcedure school);
}
