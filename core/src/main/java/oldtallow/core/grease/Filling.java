package oldtallow.core.grease;

import java.util.EnumMap;
import java.util.Map;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.RollerGeometry;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.hub.section.Outline;
import oldtallow.core.hub.section.PartName;
import oldtallow.core.hub.section.Point;
import oldtallow.core.hub.section.Section;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * How much grease goes where in a wheel end, in cm³.
 *
 * <pre>
 * free volume of a set   V = π/4·T·(D² − d²) − m/ρ      ρ = 7.8 g/cm³; where m is not known 0.19 to 0.28 of the envelope
 * cavity                 V = 2π·ȳ·A of its half-section (Pappus)
 * </pre>
 *
 * Free volume: bearing makers' usual formula, from memory; with their masses 30205 to 30208 come to 0.26 to 0.28 of the envelope,
 * heavy inch sets (25580/25520) to 0.19. Bed, film, cap and channel are common practice, and so is how far each may be off.
 *
 * @param amounts by place
 */
public record Filling(Map<Place, Amount> amounts) {

    /** Between which an amount lies: a volume in cm³ unless it is said otherwise. */
    public record Amount(double least, double most) {

        public double middle() {
            return (least + most) / 2;
        }

        static Amount about(double middle, double either) {
            return new Amount(middle * (1 - either), middle * (1 + either));
        }

        Amount plus(Amount other) {
            return new Amount(least + other.least, most + other.most);
        }

        /** Between how many grams that lies. */
        public Amount grams() {
            return new Amount(least * DENSITY, most * DENSITY);
        }

        /** How many cartridges it takes. */
        public Amount cartridges() {
            return new Amount(grams().least / CARTRIDGE_GRAMS, grams().most / CARTRIDGE_GRAMS);
        }

        /** How many times as much a cartridge holds; this must be over 0. */
        public Amount perCartridge() {
            return new Amount(CARTRIDGE_GRAMS / grams().most, CARTRIDGE_GRAMS / grams().least);
        }

        /**
         * How many strokes of a grease gun it takes.
         *
         * @param perStroke 0.1 to 10 cm³
         */
        public Amount strokes(double perStroke) {
            return new Amount(Filling.strokes(least, perStroke), Filling.strokes(most, perStroke));
        }
    }

    /** Grease weighs about this, g/cm³; common practice. */
    public static final double DENSITY = 0.9;
    /** A usual cartridge, g. */
    public static final double CARTRIDGE_GRAMS = 400;

    /** One stroke of a usual hand gun, cm³; common practice. */
    public static final double USUAL_STROKE = 1.2;

    private static final double STEEL = 7.8;
    private static final double LEAST_FREE_OF_ENVELOPE = 0.19;
    private static final double MOST_FREE_OF_ENVELOPE = 0.28;
    /** By hand a bed or a film comes thicker or thinner; a cavity is as good as its sizes. */
    private static final double BY_HAND = 0.3;

    private static final double MEASURED_CAVITY = 0.1;
    private static final double ASSUMED_CAVITY = 0.25;
    private static final double BED_MM = 1;
    private static final double RING_OF_CAVITY = 0.15;
    private static final double CAP_DEPTH_OF_BORE = 0.35;
    private static final double CHANNEL_CM3 = 3;
    private static final double CUBIC_MM_PER_CM = 1000;

    /** Where it goes. */
    public enum Place {
        INBOARD_CONE("inboard cone, packed full"),
        OUTBOARD_CONE("outboard cone, packed full"),
        BEDS("bed on both cups"),
        SEAL_AND_SEATS("seal lip and spindle seats, a film"),
        CAVITY("hub cavity"),
        CHANNEL("channel in the spindle"),
        CAP("cap");

        private final String words;

        Place(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Filling {
        amounts = Map.copyOf(amounts);
    }

    /**
     * By the wheel end's own practice.
     *
     * @param fill of the cavity; none of it is grease where it is oil
     * @param capFilled else a film
     * @param greaseThrough whether grease comes through the spindle
     */
    public static Filling of(WheelEndShape shape, CavityFill fill, boolean capFilled, boolean greaseThrough) {
        if (fill == CavityFill.OIL) {
            throw new OutOfRangeException(
                    EnteredQuantity.FILLING, "oil", "grease: an oil bath is filled to the mark on its cap");
        }
        Map<Place, Amount> places = new EnumMap<>(Place.class);
        places.put(Place.INBOARD_CONE, freeVolume(shape.inboard()));
        places.put(Place.OUTBOARD_CONE, freeVolume(shape.outboard()));
        places.put(Place.BEDS, Amount.about(bed(shape.inboard()) + bed(shape.outboard()), BY_HAND));
        places.put(
                Place.SEAL_AND_SEATS,
                Amount.about(Math.PI * shape.size(HubDimension.SEAL_LAND) * 12 / CUBIC_MM_PER_CM, BY_HAND));
        boolean measured =
                !shape.assumes(HubDimension.BACK_FACE_DISTANCE, HubDimension.INBOARD_BORE, HubDimension.OUTBOARD_BORE);
        places.put(
                Place.CAVITY, Amount.about(share(fill) * cavity(shape), measured ? MEASURED_CAVITY : ASSUMED_CAVITY));
        if (greaseThrough) {
            places.put(Place.CHANNEL, Amount.about(CHANNEL_CM3 * shape.scale(), BY_HAND));
        }
        double capArea = Math.PI / 4 * square(shape.size(HubDimension.CAP_BORE));
        double depth = capFilled ? CAP_DEPTH_OF_BORE * shape.size(HubDimension.CAP_BORE) : BED_MM;
        places.put(Place.CAP, Amount.about(capArea * depth / CUBIC_MM_PER_CM, BY_HAND));
        return new Filling(places);
    }

    /** Between rings and rollers of a set whose mass is not known. */
    public static Amount freeVolume(BearingSet set) {
        return new Amount(LEAST_FREE_OF_ENVELOPE * envelope(set), MOST_FREE_OF_ENVELOPE * envelope(set));
    }

    /** Between rings and rollers of a set that weighs so many grams, cm³. */
    public static double freeVolume(BearingSet set, double grams) {
        double steel = grams / STEEL;
        if (!(steel > 0 && steel < envelope(set))) {
            throw new OutOfRangeException(
                    EnteredQuantity.MASS_OF_SET, grams + " g", "over 0, and less than a solid one would weigh");
        }
        return envelope(set) - steel;
    }

    /** π/4·T·(D² − d²), cm³. */
    public static double envelope(BearingSet set) {
        return Math.PI
                / 4
                * set.width().millimetres()
                * (square(set.outsideDiameter().millimetres())
                        - square(set.bore().millimetres()))
                / CUBIC_MM_PER_CM;
    }

    /** A relubrication by the usual rule of thumb, G = 0.005·D·B with B the width of the set, g (bearing makers, from memory). */
    public static double relubricationGrams(BearingSet set) {
        return 0.005 * set.outsideDiameter().millimetres() * set.width().millimetres();
    }

    public Amount total() {
        return amounts.values().stream().reduce(new Amount(0, 0), Amount::plus);
    }

    /** Strokes of a grease gun that gives so many cm³ each, 0.1 to 10. */
    public static double strokes(double cubicCentimetres, double perStroke) {
        if (!(perStroke >= 0.1 && perStroke <= 10)) {
            throw new OutOfRangeException(
                    EnteredQuantity.ONE_STROKE_OF_GREASE_GUN, perStroke + " cm³", "0.1 to 10 cm³");
        }
        return cubicCentimetres / perStroke;
    }

    /** What too much or too little does in a cavity filled so. */
    public static String effect(CavityFill fill) {
        return switch (fill) {
            case EMPTY -> "Nothing keeps the bearing's own grease in: it can sling out and run dry.";
            case RING -> "A ring beside each bearing keeps its own grease in; water can stand in the hollow.";
            case THIRD -> "A store without much churning; water still finds room.";
            case FULL -> "No room for water; it warms more at first, and any excess goes past a seal into the brake.";
            case OIL -> "Oil stands to the mark on the cap.";
        };
    }

    private static double share(CavityFill fill) {
        return switch (fill) {
            case EMPTY, OIL -> 0;
            case RING -> RING_OF_CAVITY;
            case THIRD -> 1.0 / 3;
            case FULL -> 1;
        };
    }

    /** The hollow between the cones, cm³. */
    public static double cavity(WheelEndShape shape) {
        return Section.of(shape).part(PartName.CAVITY).stream()
                        .flatMap(part -> part.outlines().stream())
                        .mapToDouble(Filling::revolved)
                        .sum()
                / CUBIC_MM_PER_CM;
    }

    /** Volume swept by an outline turned about the axis, mm³. */
    private static double revolved(Outline outline) {
        double sum = 0;
        for (int i = 0; i < outline.points().size(); i++) {
            Point a = outline.points().get(i);
            Point b = outline.points().get((i + 1) % outline.points().size());
            // 2π·∬y dA over the polygon, by Green's theorem
            sum += (a.x() * b.y() - b.x() * a.y()) * (a.y() + b.y());
        }
        return Math.abs(sum) * 2 * Math.PI / 6;
    }

    private static double bed(BearingSet set) {
        var inside = RollerGeometry.of(set);
        double middle = set.width().minus(set.cupWidth().times(0.5)).millimetres();
        double radius = inside.radiusAt(inside.raceAngle(), middle);
        return 2 * Math.PI * radius * set.cupWidth().millimetres() * BED_MM / CUBIC_MM_PER_CM;
    }

    private static double square(double value) {
        return value * value;
    }
}
