package oldtallow.app.register.reference;

import java.util.List;
import java.util.UUID;

/** Where tools are kept. */
public interface ToolStore {

    /** By kind, size and name. */
    List<WorkshopTool> all();

    /** Enters one, or changes the one of its id. False where its name is taken, or the version is stale. */
    boolean put(WorkshopTool tool);

    /** False where there is none. */
    boolean remove(UUID id);
}
