package oldtallow.core.hub;

/** The constructions of wheel ends met in the trade. Names and what is special: common practice. */
public enum Construction {
    STRAIGHT_SPINDLE(
            "straight spindle",
            "small trailers, watercraft trailers",
            "Same bearing in and out: used cones must go back to their own cups."),
    STEPPED_UNBRAKED(
            "stepped spindle, unbraked",
            "utility and 750 kg trailers",
            "The bearing family is found by measuring; there are several near-twins."),
    STEPPED_BRAKED(
            "stepped spindle, braked",
            "boat tandems, campers",
            "Grease past the seal ruins linings; drum heat reaches the hub."),
    GREASE_THROUGH(
            "grease-through spindle",
            "campers, trailers",
            "The nipple feeds behind the inboard bearing. The channel is filled before assembly; the hub turns while it is pumped."),
    ROTOR_HUB(
            "rotor hub",
            "cars and light trucks, two-wheel-drive fronts",
            "Hang the caliper, never by its hose; mind the tone ring and the backing plate."),
    CLASSIC_CAR(
            "classic car hub",
            "sports cars",
            "The staked nut is always new; the disc sits on pins and may need a puller."),
    SPACER_SET(
            "spacer-set upright",
            "small classic front-wheel-drive cars",
            "No adjustment: the spacer sets the play, and a new pair brings its own. The upright goes to the bench."),
    FULL_FLOATING_REAR(
            "full-floating 4x4 rear",
            "four-wheel-drive axles",
            "Half shaft and flange off first, oil drained. A worn bearing may be heard only once the half shaft is out."),
    DRIVE_FLANGE_FRONT(
            "4x4 front with drive flange",
            "four-wheel-drive fronts",
            "The end cover comes off before the circlip and is sealed again. Circlip and shims go back in the same place."),
    LOCKING_HUB_FRONT(
            "solid 4x4 front with locking hubs",
            "older four-wheel drives",
            "Cover, then the shaft's circlip, then the locking hub. Rotors can be side-handed: mark them."),
    OIL_BATH_HEAVY(
            "oil-bath heavy wheel end",
            "heavy trailers",
            "A 180 kg wheel stays upright. Licensed heavy-vehicle work in many places.");

    private final String words;
    private final String foundOn;
    private final String special;

    Construction(String words, String foundOn, String special) {
        this.words = words;
        this.foundOn = foundOn;
        this.special = special;
    }

    /** Its name in the trade. */
    public String words() {
        return words;
    }

    public String foundOn() {
        return foundOn;
    }

    /** What to know before it is touched. */
    public String special() {
        return special;
    }

    /** Whether it is at home on light trailers, campers and watercraft trailers. */
    public boolean isLightTrailer() {
        return switch (this) {
            case STRAIGHT_SPINDLE, STEPPED_UNBRAKED, STEPPED_BRAKED, GREASE_THROUGH -> true;
            default -> false;
        };
    }

    /** Whether the brake is worked by a pedal in the same vehicle, so that it can be pumped. */
    public boolean hasPedal() {
        return switch (this) {
            case ROTOR_HUB, CLASSIC_CAR, SPACER_SET, FULL_FLOATING_REAR, DRIVE_FLANGE_FRONT, LOCKING_HUB_FRONT -> true;
            case STRAIGHT_SPINDLE, STEPPED_UNBRAKED, STEPPED_BRAKED, GREASE_THROUGH, OIL_BATH_HEAVY -> false;
        };
    }

    /** Whether a driven shaft runs through the spindle. */
    public boolean isDriven() {
        return switch (this) {
            case FULL_FLOATING_REAR, DRIVE_FLANGE_FRONT, LOCKING_HUB_FRONT -> true;
            default -> false;
        };
    }

    /** Whether both bearings are the same set. */
    public boolean hasEqualPair() {
        return switch (this) {
            case STRAIGHT_SPINDLE, SPACER_SET, FULL_FLOATING_REAR -> true;
            default -> false;
        };
    }
}
