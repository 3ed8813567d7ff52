package oldtallow.core.procedure.brief;

import java.util.EnumSet;
import java.util.Set;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.Spacing;
import oldtallow.core.hub.part.Part;
import oldtallow.core.hub.part.Stack;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * What a job is to be planned for.
 *
 * @param procedure by which the nut is set
 * @param found what turned out on the way
 */
public record JobBrief(
        Construction construction,
        Fastening fastening,
        Fittings fittings,
        Scope scope,
        Choices choices,
        Known known,
        Worker worker,
        AdjustmentProcedure procedure,
        Found found) {

    private static final Set<Part> MATCHED =
            EnumSet.of(Part.INBOARD_CONE, Part.INBOARD_CUP, Part.OUTBOARD_CONE, Part.OUTBOARD_CUP, Part.SPACER);

    public JobBrief {
        if (!scope.isPossibleOn(construction)) {
            throw new OutOfRangeException(
                    EnteredQuantity.SCOPE,
                    scope.words() + " on a " + construction.words(),
                    "another one; the bearings sit in the upright, which goes to the bench: renew them");
        }
        if (fittings.spacing() == Spacing.SPACER && found.condemned().stream().anyMatch(MATCHED::contains)) {
            found = found.condemning(MATCHED);
        }
    }

    /** A job that begins with some parts known to be done with. */
    public JobBrief(
            Construction construction,
            Fastening fastening,
            Fittings fittings,
            Scope scope,
            Choices choices,
            Known known,
            Worker worker,
            AdjustmentProcedure procedure,
            Set<Part> condemned) {
        this(
                construction,
                fastening,
                fittings,
                scope,
                choices,
                known,
                worker,
                procedure,
                new Found(condemned, Set.of(), Set.of()));
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

    /**
     * What turned out while the work went on.
     *
     * @param condemned parts that are not fit to go back; cone and cup of a bearing together, and where a spacer sets the play
     *     both bearings with it
     * @param absent parts that are usual on such a hub and not on this one
     * @param mended what is put right where it is, and then runs on
     */
    public record Found(Set<Part> condemned, Set<Part> absent, Set<JudgedItem> mended) {

        public Found {
            condemned = Set.copyOf(condemned);
            absent = Set.copyOf(absent);
            mended = Set.copyOf(mended);
            for (Part part : condemned) {
                if (part.otherRing().isPresent()
                        && !condemned.contains(part.otherRing().get())) {
                    throw new OutOfRangeException(
                            EnteredQuantity.PARTS_TO_RENEW,
                            part.words() + " alone",
                            "cone and cup of a bearing together; they wear together");
                }
            }
        }

        private Found condemning(Set<Part> more) {
            EnumSet<Part> all = EnumSet.copyOf(more);
            all.addAll(condemned);
            return new Found(all, absent, mended);
        }
    }

    public Set<Part> condemned() {
        return found.condemned();
    }

    public Set<Part> absent() {
        return found.absent();
    }

    /** The same job gone further: more is to be renewed. */
    public JobBrief condemning(Part part) {
        EnumSet<Part> more = EnumSet.of(part);
        part.otherRing().ifPresent(more::add);
        return with(scope, choices, found.condemning(more));
    }

    /** The same job done in another way. */
    public JobBrief choosing(Choices.Way way) {
        return with(scope, choices.with(way), found);
    }

    /** The same wheel end with another scope. */
    public JobBrief within(Scope other) {
        return with(other, choices, found);
    }

    private JobBrief with(Scope other, Choices chosen, Found turnedOut) {
        return new JobBrief(construction, fastening, fittings, other, chosen, known, worker, procedure, turnedOut);
    }

    /** The same job on a hub that has none of these parts. */
    public JobBrief without(Set<Part> parts) {
        return new JobBrief(
                construction,
                fastening,
                Absence.without(parts, fittings),
                scope,
                choices,
                known,
                worker,
                procedure,
                new Found(found.condemned(), parts, found.mended()));
    }

    /** The same job where something is put right where it is. */
    public JobBrief mending(Set<JudgedItem> items) {
        return with(scope, choices, new Found(found.condemned(), found.absent(), items));
    }

    /** As {@link Fittings#setsByNut}. */
    public boolean setsByNut() {
        return fittings.setsByNut();
    }

    /** Whether a new hub goes on, or one on an axle that never ran. */
    public boolean isOnNewHub() {
        return scope.takesNewHub();
    }

    /** What that new hub comes with; an upright is always built up from its parts. */
    public HubBrings brings() {
        return isOnNewHub() && construction != Construction.SPACER_SET ? choices.hubBrings() : HubBrings.NOTHING;
    }

    /** Whether a part is in or with the new hub, and is not bought for itself. */
    public boolean comesWithHub(Part part) {
        if (!isOnNewHub()) {
            return false;
        }
        return switch (part) {
            case INBOARD_CUP, OUTBOARD_CUP -> brings() != HubBrings.NOTHING;
            case INBOARD_CONE, OUTBOARD_CONE -> brings().compareTo(HubBrings.BEARINGS) >= 0;
            case SEAL, SNAP_RING -> brings() == HubBrings.READY;
            default -> false;
        };
    }

    public Stack stack() {
        return Stack.of(construction, fastening, fittings).without(absent());
    }
}
