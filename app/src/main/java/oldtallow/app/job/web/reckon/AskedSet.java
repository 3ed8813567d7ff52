package oldtallow.app.job.web.reckon;

import java.util.Optional;
import oldtallow.app.register.api.Catalogue;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The set a form names. */
@Component
class AskedSet {

    private final Catalogue catalogue;

    AskedSet(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** As below, where there has to be one. */
    @Nullable
    BearingSet require(String designation, FieldErrors errors) {
        if (designation.isBlank()) {
            errors.add("set", null, "is missing; name it, such as L68149/L68111");
        }
        return find(designation, errors);
    }

    /** Null where none is named, and where there is none of the name: that is noted. */
    @Nullable
    BearingSet find(@Nullable String designation, FieldErrors errors) {
        if (designation == null || designation.isBlank()) {
            return null;
        }
        Optional<BearingSet> found = catalogue.set(designation);
        if (found.isEmpty()) {
            errors.add("set", designation, "is not in the catalogue; look it up under which bearing, or leave it out");
        }
        return found.orElse(null);
    }
}
