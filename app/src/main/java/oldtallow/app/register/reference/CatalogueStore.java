package oldtallow.app.register.reference;

import java.util.List;
import java.util.UUID;
import oldtallow.core.bearing.CatalogueEntry;

/** Where a workshop's own sets are kept. */
public interface CatalogueStore {

    List<CatalogueSet> own();

    /** False where the workshop has a set of that designation. */
    boolean add(UUID id, CatalogueEntry entry);

    /** False where there was none. */
    boolean remove(UUID id);
}
