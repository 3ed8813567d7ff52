package oldtallow.core.procedure.step;

/**
 * Where the work can hurt somebody: what happens, and what to do. Shown and met before the step it protects. Common practice
 * of the trade; the maker's instructions and local rules govern over it.
 */
public enum Caution {
    FALLING_RIG(
            "A jack lets go",
            "The rig falls on whoever is under it. Stands under the maker's points, the wheel under the sill as a second catch, nobody under it on a jack alone."),
    ROLLING_RIG("It rolls off the jack", "Chock the wheels that stay down, both ways, and couple it where it can be."),
    HOT_HUB(
            "The hub may be hot",
            "A hub that ran tight burns through gloves. Back of the hand near it first; let it cool."),
    HEAVY_WHEEL(
            "Heavy",
            "Lifted by hand it takes a back or a foot. Lift with a helper, a dolly or a hoist; keep it upright."),
    BRAKE_DUST(
            "Brake dust",
            "Old linings may hold asbestos. Never blow it out: wet it, wipe it up, bag the rag; mask on."),
    BRAKE_HOSE(
            "The hose is not a strap",
            "A caliper left on its hose tears it inside and the brake fails later. Hang it on wire."),
    BRAKE_FACE(
            "Grease on the brake",
            "It will not stop the rig. No grease, solvent film or fingers on linings, drum or disc."),
    SPRING_CLIP("Clips fly", "A circlip or spring under tension takes an eye. Goggles on, a hand over it."),
    STEEL_CHIPS("Steel chips", "Hard steel under a hammer splinters. Goggles on, everybody near it too."),
    LEVER_SLIPS(
            "A seal lets go with a jerk",
            "Seal or lever flies at your face. Goggles on or a rag over it, and pull away from yourself."),
    SPARKS(
            "Sparks and steel splinters",
            "A grinder throws both, and what is left in the hub burns. Goggles and gloves on, rags and solvent away, nobody in line."),
    WELDING(
            "Arc, heat and fumes",
            "The arc blinds, and what is left in the hub burns. Mask and gloves on, hub wiped bare, extinguisher at hand; never with the earth through a bearing."),
    SOLVENT(
            "Solvent burns",
            "Air, no flame or sparks, gloves. Never brake cleaner into the parts washer; oily rags in a lidded can."),
    AIR_ON_BEARING(
            "Never spin it with air",
            "A bearing spun up by compressed air bursts and blinds. Hold cage and ring still; goggles on."),
    HOT_PARTS(
            "Hot metal, cold metal",
            "Warmed hubs burn and dry ice freezes skin. Thick gloves; no open flame on a greasy hub."),
    SMEARED_NOT_PACKED(
            "Smeared is not packed",
            "A bearing greased from outside runs dry inside and burns the cage. The wheel can come off."),
    INCH_POUNDS(
            "Inch-pounds, not foot-pounds",
            "Read as the other unit it is twelve times too tight: the bearing cooks within a drive."),
    NEVER_TIGHTER(
            "Looser, never tighter",
            "A tight bearing overheats and seizes; the wheel can come off. In doubt, back off."),
    OLD_LOCK("A lock used twice breaks", "The nut unscrews and the wheel comes off. This one is always new."),
    WHEEL_NUTS(
            "Wheels come off",
            "Oil or paint on threads and seats, or no second torque, and they work loose. Clean, dry, to the figure, again after the first drive."),
    NO_PEDAL(
            "The first push finds no brake",
            "Pads stand back after work. Pump until the pedal is hard before the rig moves."),
    LICENSED_BRAKES(
            "Brakes are licensed work in many places",
            "Where yours is one, a licensed person does or checks this. The maker's figures govern."),
    LICENSED_HEAVY(
            "Heavy vehicles are licensed work in many places",
            "Stop here unless you may. The maker's procedure governs over every figure shown.");

    private final String title;
    private final String words;

    Caution(String title, String words) {
        this.title = title;
        this.words = words;
    }

    public String title() {
        return title;
    }

    /** What happens and what to do. */
    public String words() {
        return words;
    }

    /** Whether the work itself is reserved in many places. */
    public boolean isLicensedWork() {
        return this == LICENSED_BRAKES || this == LICENSED_HEAVY;
    }
}
