package oldtallow.core.job;

import java.util.EnumSet;
import java.util.Set;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.part.Part;
import oldtallow.core.part.Stack;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * What a job is to be planned for.
 *
 * @param condemned parts that were judged not fit to go back; cone and cup of a bearing together
 */
public record JobBrief(
        Construction construction,
        Fastening fastening,
        Fittings fittings,
        Scope scope,
        Choices choices,
        Known known,
        Worker worker,
        Set<Part> condemned) {

    public JobBrief {
        if (!scope.isPossibleOn(construction)) {
            throw new OutOfRangeException(
                    "scope",
                    scope.words() + " on a " + construction.words(),
                    "another one; the bearings sit in the upright, so renew them");
        }
        for (Part part : condemned) {
            if (part.otherRing().isPresent()
                    && !condemned.contains(part.otherRing().get())) {
                throw new OutOfRangeException(
                        "parts to renew",
                        part.words() + " alone",
                        "cone and cup of a bearing together; they wear together");
            }
        }
        condemned = Set.copyOf(condemned);
    }

    /** Who has the spanner. */
    public enum Worker {
        MECHANIC,
        /** A mechanic looks at races and setting, and signs the job off. */
        APPRENTICE
    }

    /**
     * What the records say beforehand.
     *
     * @param bearings whether the numbers of both sets are known
     * @param figures whether a maker's nut sequence or end play is on file
     * @param grease whether the kind of the old grease is known
     */
    public record Known(boolean bearings, boolean figures, boolean grease) {

        public static final Known NOTHING = new Known(false, false, false);
    }

    /** The same job gone further: more is to be renewed. */
    public JobBrief condemning(Part part) {
        EnumSet<Part> more = EnumSet.of(part);
        more.addAll(condemned);
        part.otherRing().ifPresent(more::add);
        return new JobBrief(construction, fastening, fittings, scope, choices, known, worker, more);
    }

    /** The same wheel end with another scope. */
    public JobBrief within(Scope other) {
        return new JobBrief(construction, fastening, fittings, other, choices, known, worker, condemned);
    }

    public Stack stack() {
        return Stack.of(construction, fastening, fittings);
    }
}
