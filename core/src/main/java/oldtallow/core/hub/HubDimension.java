package oldtallow.core.hub;

import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;

/** What can be measured on a spindle and its hub, besides the bearings. */
public enum HubDimension implements Quantity {
    OUTBOARD_SEAT("outboard seat diameter", 8, 130),
    INBOARD_SEAT("inboard seat diameter", 8, 150),
    BACK_FACE_DISTANCE("distance of the cones' back faces", 20, 400),
    SEAL_LAND("seal land diameter", 10, 220),
    SHOULDER("spindle shoulder diameter", 12, 300),
    OUTBOARD_BORE("outboard cup bore of the hub", 20, 250),
    INBOARD_BORE("inboard cup bore of the hub", 20, 300),
    SEAL_BORE("seal bore of the hub", 22, 320),
    SEAL_WIDTH("seal width", 4, 60),
    HUB_OUTSIDE_OUTBOARD("hub outside, outboard end", 30, 350),
    HUB_OUTSIDE_INBOARD("hub outside, inboard end", 30, 450),
    FLANGE_THICKNESS("flange thickness", 4, 60),
    STUD_CIRCLE("stud circle", 50, 500),
    STUD_DIAMETER("stud diameter", 8, 30),
    WASHER_OUTSIDE("washer outside diameter", 12, 200),
    WASHER_THICKNESS("washer thickness", 0.5, 25),
    NUT_ACROSS_FLATS("nut across flats", 14, 200),
    NUT_HEIGHT("nut height", 5, 80),
    CAP_BORE("cap bore", 20, 250),
    SHAFT_DIAMETER("shaft diameter", 8, 100);

    private final String words;
    private final double leastMillimetres;
    private final double mostMillimetres;

    HubDimension(String words, double leastMillimetres, double mostMillimetres) {
        this.words = words;
        this.leastMillimetres = leastMillimetres;
        this.mostMillimetres = mostMillimetres;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether a number makes no sense in its unit but does in the other: millimetres typed as inches, or back. */
    public boolean looksLikeTheOtherUnit(double number, boolean inches) {
        double asSet = inches ? Length.ofInches(number).millimetres() : number;
        double asOther = inches ? number : Length.ofInches(number).millimetres();
        return !holds(asSet) && holds(asOther);
    }

    /** The length, if it is one such a part can have; throws {@link OutOfRangeException} otherwise. */
    public Length require(Length length) {
        if (!holds(length.millimetres())) {
            throw new OutOfRangeException(
                    this, length.millimetres() + " mm", leastMillimetres + " to " + mostMillimetres + " mm");
        }
        return length;
    }

    private boolean holds(double millimetres) {
        return millimetres >= leastMillimetres && millimetres <= mostMillimetres;
    }
}
