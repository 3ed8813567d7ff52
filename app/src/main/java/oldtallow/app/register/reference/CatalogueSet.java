package oldtallow.app.register.reference;

import java.util.UUID;
import oldtallow.core.bearing.CatalogueEntry;
import org.jspecify.annotations.Nullable;

/**
 * A set of the catalogue.
 *
 * @param ownId where the workshop entered it itself
 */
public record CatalogueSet(CatalogueEntry entry, @Nullable UUID ownId) {}
