package oldtallow.core.hub;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.quantity.Length;

/**
 * Fills in bearings nobody has read yet: the construction's usual set where it goes with what was measured, and otherwise the
 * set nearest to it that does.
 *
 * @param inboard known set; empty where it is to be assumed
 * @param catalogue what may be assumed; holds the constructions' usual sets
 */
public record ShapeAssumption(
        Construction construction,
        Optional<BearingSet> inboard,
        Optional<BearingSet> outboard,
        Length threadDiameter,
        Fastening fastening,
        Fittings fittings,
        Map<HubDimension, Length> measured,
        List<BearingSet> catalogue) {

    /** A construction as it usually comes. */
    public static WheelEndShape usual(Construction construction, List<BearingSet> catalogue) {
        HubPreset preset = HubPreset.of(construction);
        return new ShapeAssumption(
                        construction,
                        Optional.empty(),
                        Optional.empty(),
                        preset.thread().cut(ThreadHand.RIGHT).nominalDiameter(),
                        Fastening.of(preset.lock()),
                        preset.fittings(),
                        preset.dimensions(),
                        catalogue)
                .shape();
    }

    /** Throws {@link oldtallow.core.quantity.OutOfRangeException} where what is known could not be put together. */
    public WheelEndShape shape() {
        HubPreset usual = HubPreset.of(construction);
        Map<HubDimension, Length> sizes = new EnumMap<>(HubDimension.class);
        sizes.putAll(measured);
        BearingSet in = inboard.orElseGet(
                () -> assume(usual.inboard(), sizes, HubDimension.INBOARD_SEAT, HubDimension.INBOARD_BORE, false));
        BearingSet out = outboard.orElseGet(
                () -> assume(usual.outboard(), sizes, HubDimension.OUTBOARD_SEAT, HubDimension.OUTBOARD_BORE, true));
        boolean known = inboard.isPresent() && outboard.isPresent();
        if (!known) {
            Length least = WheelEndShape.leastBackFaceDistance(in, out);
            sizes.computeIfPresent(
                    HubDimension.BACK_FACE_DISTANCE,
                    (dimension, distance) -> distance.compareTo(least) < 0 ? null : distance);
        }
        boolean threadFits = threadDiameter.compareTo(out.bore()) <= 0
                || construction == Construction.SPACER_SET
                || outboard.isPresent();
        return new WheelEndShape(
                construction, in, out, known, threadFits ? threadDiameter : out.bore(), fastening, fittings, sizes);
    }

    private BearingSet assume(
            SetDesignation usual,
            Map<HubDimension, Length> sizes,
            HubDimension seat,
            HubDimension bore,
            boolean overThread) {
        BearingSet preset = catalogue.stream()
                .filter(set -> set.designation().equals(usual))
                .findFirst()
                .orElseGet(catalogue::getFirst);
        return catalogue.stream()
                .filter(set -> !overThread
                        || construction == Construction.SPACER_SET
                        || threadDiameter.compareTo(set.bore()) <= 0)
                .filter(set -> WheelEndShape.fits(set, sizes.get(seat), sizes.get(bore)))
                .min(Comparator.<BearingSet>comparingDouble(
                                set -> Math.abs(set.bore().minus(preset.bore()).millimetres())
                                        + Math.abs(set.outsideDiameter()
                                                .minus(preset.outsideDiameter())
                                                .millimetres()))
                        // of sets of one envelope the usual one
                        .thenComparing(set -> !set.designation().equals(usual)))
                .orElseGet(() -> {
                    // nothing known goes with the sizes: they are shown as text, the drawing keeps to the usual set
                    sizes.remove(seat);
                    sizes.remove(bore);
                    return preset;
                });
    }
}
