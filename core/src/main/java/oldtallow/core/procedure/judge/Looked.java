package oldtallow.core.procedure.judge;

import java.util.EnumSet;
import java.util.Set;
import oldtallow.core.procedure.judge.Finding.Sense;

/**
 * How a bearing was looked at.
 *
 * @param cleaned whether all old grease was off it
 * @param by which senses
 * @param noisy whether it growled, ground or rattled when the hub was spun
 */
public record Looked(boolean cleaned, Set<Sense> by, boolean noisy) {

    public Looked {
        by = Set.copyOf(by);
    }

    /** Looked at, felt and turned, in a clean state: less than that leaves a verdict open. */
    public boolean suffices() {
        return cleaned && by.equals(EnumSet.allOf(Sense.class));
    }
}
