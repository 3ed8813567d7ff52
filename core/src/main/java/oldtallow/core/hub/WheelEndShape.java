package oldtallow.core.hub;

import java.util.EnumMap;
import java.util.Map;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.jspecify.annotations.Nullable;

/**
 * A wheel end with every size it is drawn from: measured where it was measured, and otherwise filled in from its bearings by
 * proportions usual on light hubs (common practice, to be shown as assumed).
 *
 * @param bearingsKnown whether the sets are those fitted; false where they are the construction's preset
 */
public record WheelEndShape(
        Construction construction,
        BearingSet inboard,
        BearingSet outboard,
        boolean bearingsKnown,
        Length threadDiameter,
        Fastening fastening,
        Fittings fittings,
        Map<HubDimension, Length> measured) {

    private static final double BETWEEN_CONES_MM = 4;
    /** The bore of the light trailer hub whose proportions scale to the others, mm. */
    private static final double MODEL_BORE = 35;

    /** Throws {@link OutOfRangeException} where parts could not be put together as given. */
    public WheelEndShape {
        measured = Map.copyOf(measured);
        requireFit(HubDimension.OUTBOARD_SEAT, measured, outboard.bore(), "outboard cone");
        requireFit(HubDimension.INBOARD_SEAT, measured, inboard.bore(), "inboard cone");
        requireBore(HubDimension.OUTBOARD_BORE, measured, outboard, "outboard cup");
        requireBore(HubDimension.INBOARD_BORE, measured, inboard, "inboard cup");
        if (threadDiameter.compareTo(outboard.bore()) > 0 && construction != Construction.SPACER_SET) {
            throw new OutOfRangeException(
                    EnteredQuantity.SPINDLE_THREAD,
                    threadDiameter.millimetres() + " mm",
                    "no thicker than the outboard cone's bore of "
                            + outboard.bore().millimetres() + " mm, which passes over it");
        }
        Length distance = measured.get(HubDimension.BACK_FACE_DISTANCE);
        Length least = leastBackFaceDistance(inboard, outboard);
        if (distance != null && distance.compareTo(least) < 0) {
            throw new OutOfRangeException(
                    HubDimension.BACK_FACE_DISTANCE,
                    distance.millimetres() + " mm",
                    least.millimetres() + " mm or more with these two cones");
        }
    }

    /** Two cones need this much and a little between them. */
    static Length leastBackFaceDistance(BearingSet inboard, BearingSet outboard) {
        return inboard.coneWidth().plus(outboard.coneWidth()).plus(Length.ofMillimetres(BETWEEN_CONES_MM));
    }

    /** Whether a set goes on a seat and into a bore, where these were measured. */
    static boolean fits(BearingSet set, @Nullable Length seat, @Nullable Length bore) {
        return (seat == null || goesOn(seat, set.bore())) && (bore == null || goesInto(bore, set.outsideDiameter()));
    }

    /** Size in mm: measured, or filled in. */
    public double size(HubDimension dimension) {
        Length known = measured.get(dimension);
        if (known != null) {
            return known.millimetres();
        }
        HubPreset preset = HubPreset.of(construction);
        @Nullable Length usual = preset.dimensions().get(dimension);
        return usual != null && preset.inboard().equals(inboard.designation())
                ? usual.millimetres()
                : proportioned(dimension);
    }

    /** Whether any of these sizes was filled in. */
    public boolean assumes(HubDimension... dimensions) {
        for (HubDimension dimension : dimensions) {
            if (!measured.containsKey(dimension)) {
                return true;
            }
        }
        return false;
    }

    /** Every size, filled in where it was not measured. */
    public Map<HubDimension, Length> sizes() {
        Map<HubDimension, Length> sizes = new EnumMap<>(HubDimension.class);
        for (HubDimension dimension : HubDimension.values()) {
            sizes.put(dimension, Length.ofMillimetres(size(dimension)));
        }
        return sizes;
    }

    /** How large it is beside the model hub; 0.7 to 2.2. */
    public double scale() {
        return Math.clamp(inboard.bore().millimetres() / MODEL_BORE, 0.7, 2.2);
    }

    private double proportioned(HubDimension dimension) {
        double s = scale();
        double thread = threadDiameter.millimetres();
        return switch (dimension) {
            case OUTBOARD_SEAT -> outboard.bore().millimetres();
            case INBOARD_SEAT -> inboard.bore().millimetres();
            case BACK_FACE_DISTANCE ->
                Math.max(inboard.width().millimetres(), inboard.coneWidth().millimetres())
                        + Math.max(
                                outboard.width().millimetres(),
                                outboard.coneWidth().millimetres())
                        + 34 * s;
            case SEAL_LAND -> inboard.bore().millimetres() + 8.7 * s;
            case SHOULDER -> size(HubDimension.SEAL_LAND) + 14 * s;
            case OUTBOARD_BORE -> outboard.outsideDiameter().millimetres();
            case INBOARD_BORE -> inboard.outsideDiameter().millimetres();
            case SEAL_BORE -> inboard.outsideDiameter().millimetres() + 5 * s;
            case SEAL_WIDTH -> 10 * s;
            case HUB_OUTSIDE_OUTBOARD -> size(HubDimension.CAP_BORE) + 14 * s;
            case HUB_OUTSIDE_INBOARD ->
                Math.max(size(HubDimension.SEAL_BORE), inboard.outsideDiameter().millimetres()) + 16 * s;
            case FLANGE_THICKNESS -> 10 * s;
            case STUD_CIRCLE -> size(HubDimension.HUB_OUTSIDE_INBOARD) + 34 * s;
            case STUD_DIAMETER -> Math.clamp(12.7 * s, 12, 22);
            case WASHER_OUTSIDE -> size(HubDimension.NUT_ACROSS_FLATS) * 1.08;
            case WASHER_THICKNESS -> 3.2;
            // pin-spanner ring and thin double nuts are barely wider than their thread
            case NUT_ACROSS_FLATS -> thread * (construction.isDriven() || s > 1.6 ? 1.3 : 1.5);
            case NUT_HEIGHT -> thread * (construction.isDriven() || s > 1.6 ? 0.5 : 0.87);
            case CAP_BORE ->
                Math.max(outboard.outsideDiameter().millimetres(), size(HubDimension.NUT_ACROSS_FLATS) * 1.155 + 6 * s);
            case SHAFT_DIAMETER -> thread * (construction == Construction.SPACER_SET ? 1 : 0.62);
        };
    }

    /** A worn seat may be half a millimetre down; a tight one a few hundredths up. */
    private static boolean goesOn(Length seat, Length bore) {
        return seat.millimetres() <= bore.millimetres() + 0.03 && seat.millimetres() >= bore.millimetres() - 1;
    }

    /** A cup is pressed in: its bore a little smaller, or a little larger where it is worn. */
    private static boolean goesInto(Length bore, Length outside) {
        return bore.millimetres() >= outside.millimetres() - 0.3 && bore.millimetres() <= outside.millimetres() + 0.5;
    }

    private static void requireFit(HubDimension seat, Map<HubDimension, Length> measured, Length bore, String cone) {
        Length size = measured.get(seat);
        if (size != null && !goesOn(size, bore)) {
            throw new OutOfRangeException(
                    seat,
                    size.millimetres() + " mm",
                    "within 1 mm below the " + cone + "'s bore of " + bore.millimetres()
                            + " mm, or the cone cannot go on");
        }
    }

    private static void requireBore(
            HubDimension dimension, Map<HubDimension, Length> measured, BearingSet set, String cup) {
        Length bore = measured.get(dimension);
        double outside = set.outsideDiameter().millimetres();
        if (bore != null && !goesInto(bore, set.outsideDiameter())) {
            throw new OutOfRangeException(
                    dimension,
                    bore.millimetres() + " mm",
                    "near the " + cup + "'s outside diameter of " + outside
                            + " mm: this is another cup or another hub");
        }
    }
}
