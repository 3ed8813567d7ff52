package oldtallow.app.register.reference;

import java.util.List;

/** Where a workshop's own procedures are kept. None is ever deleted: settings name them. */
public interface ProcedureStore {

    /** By name, retired ones too. */
    List<OwnProcedure> all();

    /** Enters one, or changes the one of its id. False where its name is taken, or the version is stale. */
    boolean put(OwnProcedure procedure);
}
