package oldtallow.core.hub.section;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.CatalogueEntry;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.bearing.StandardCatalogue;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.quantity.Length;

/** Wheel ends to draw. */
public final class Shapes {

    private static final List<BearingSet> SETS =
            StandardCatalogue.entries().stream().map(CatalogueEntry::set).toList();

    private Shapes() {}

    public static WheelEndShape preset(Construction construction) {
        HubPreset preset = HubPreset.of(construction);
        return shape(construction, set(preset.inboard()), set(preset.outboard()), preset.dimensions());
    }

    public static Stream<WheelEndShape> presets() {
        return Stream.of(Construction.values()).map(Shapes::preset);
    }

    /** Every set of the catalogue in both positions of a straight spindle. */
    static Stream<WheelEndShape> everySet() {
        return SETS.stream().map(set -> shape(Construction.STRAIGHT_SPINDLE, set, set, Map.of()));
    }

    static WheelEndShape shape(
            Construction construction, BearingSet inboard, BearingSet outboard, Map<HubDimension, Length> measured) {
        HubPreset preset = HubPreset.of(construction);
        double thread = preset.thread().cut(ThreadHand.RIGHT).nominalDiameter().millimetres();
        double through = construction == Construction.SPACER_SET
                ? thread
                : Math.min(thread, outboard.bore().millimetres() - 1);
        return new WheelEndShape(
                construction,
                inboard,
                outboard,
                true,
                Length.ofMillimetres(through),
                Fastening.of(preset.lock()),
                preset.fittings(),
                measured);
    }

    static BearingSet set(SetDesignation designation) {
        return SETS.stream()
                .filter(set -> set.designation().equals(designation))
                .findFirst()
                .orElseThrow();
    }
}
