package oldtallow.app.register.api;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.register.reference.CatalogueSet;
import oldtallow.app.register.reference.CatalogueStore;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.CatalogueEntry;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.bearing.StandardCatalogue;
import oldtallow.core.bearing.WrittenBearing;
import oldtallow.core.refusal.FieldErrors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Bearing sets the workshop that asks can draw on. */
@Service
public class Catalogue {

    private final CatalogueStore store;

    Catalogue(CatalogueStore store) {
        this.store = store;
    }

    /** The standard sets, then the workshop's own. */
    @Transactional(readOnly = true)
    public List<CatalogueSet> all() {
        return Stream.concat(
                        StandardCatalogue.entries().stream().map(entry -> new CatalogueSet(entry, null)),
                        store.own().stream())
                .toList();
    }

    @Transactional(readOnly = true)
    public List<BearingSet> sets() {
        return all().stream().map(set -> set.entry().set()).toList();
    }

    /** By what its sets are called. */
    @Transactional(readOnly = true)
    public Set<SetDesignation> designations() {
        return sets().stream().map(BearingSet::designation).collect(Collectors.toSet());
    }

    /** What somebody wrote where a bearing's number belongs. */
    @Transactional(readOnly = true)
    public WrittenBearing read(String text) {
        return WrittenBearing.read(text, sets());
    }

    /** Notes why cone and cup cannot be kept as a bearing. */
    @Transactional(readOnly = true)
    public void check(String field, String cone, String cup, FieldErrors errors) {
        WrittenBearing.rings(cone, cup, sets())
                .objection()
                .ifPresent(remedy -> errors.add(field, cone.equals(cup) ? cone : cone + "/" + cup, remedy));
    }

    /** A set by its designation, cone/cup, however it is written. */
    @Transactional(readOnly = true)
    public Optional<BearingSet> set(String designation) {
        return sets().stream()
                .filter(set -> set.designation().toString().equalsIgnoreCase(designation.strip()))
                .findFirst();
    }

    /** Adds a set of the workshop's own. */
    @Transactional
    public CatalogueSet add(UUID id, CatalogueEntry entry) {
        SetDesignation designation = entry.set().designation();
        Optional<CatalogueSet> earlier = own(id, designation);
        if (earlier.isPresent()) {
            return earlier.get(); // sent twice
        }
        var errors = new FieldErrors();
        if (StandardCatalogue.entries().stream()
                        .anyMatch(known -> known.set().designation().equals(designation))
                || !store.add(id, entry)) {
            errors.add("cone", designation, "is in the catalogue already; look it up there");
        }
        errors.throwIfAny();
        return own(id, designation).orElseThrow(); // as it is kept
    }

    private Optional<CatalogueSet> own(UUID id, SetDesignation designation) {
        return all().stream()
                .filter(set -> id.equals(set.ownId())
                        && set.entry().set().designation().equals(designation))
                .findFirst();
    }

    /** Takes a set of the workshop's own away, if it is still there. */
    @Transactional
    public void remove(UUID id) {
        store.remove(id);
    }
}
