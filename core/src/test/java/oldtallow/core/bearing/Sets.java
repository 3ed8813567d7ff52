package oldtallow.core.bearing;

import java.util.List;

/** Sets of the catalogue, for tests. */
public final class Sets {

    public static final List<BearingSet> ALL =
            StandardCatalogue.entries().stream().map(CatalogueEntry::set).toList();

    private Sets() {}

    /** One by its designation, such as L44649/L44610 or 30206. */
    public static BearingSet set(String designation) {
        return ALL.stream()
                .filter(one -> one.designation().toString().equals(designation))
                .findFirst()
                .orElseThrow();
    }
}
