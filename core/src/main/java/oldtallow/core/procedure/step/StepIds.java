package oldtallow.core.procedure.step;

/**
 * Ids of the steps, by the stage they begin with. They are kept in jobs for good: a step that goes leaves its id unused, and none is
 * ever given to something else.
 */
public final class StepIds {

    public static final String GREASE_KIND = "grease.kind";
    public static final String GREASE_OIL_FILM = "grease.oil-film";
    public static final String GREASE_BEDS = "grease.beds";
    public static final String GREASE_CHANNEL = "grease.channel";
    public static final String GREASE_CAVITY = "grease.cavity";

    public static final String CLEAN_WIPE = "clean.wipe";
    public static final String CLEAN_CONES = "clean.cones";
    public static final String CLEAN_PURGE = "clean.purge";
    public static final String CLEAN_HUB = "clean.hub";
    public static final String CLEAN_SPINDLE = "clean.spindle";
    public static final String CLEAN_BRAKE = "clean.brake";

    public static final String JUDGE_SPINDLE = "judge.spindle";
    public static final String JUDGE_HUB = "judge.hub";
    public static final String JUDGE_SPINDLE_MENDED = "judge.spindle-mended";
    public static final String JUDGE_BRAKE = "judge.brake";
    public static final String JUDGE_CAP = "judge.cap";
    public static final String JUDGE_NEW_HERE = "judge.new-here";
    public static final String JUDGE_NEW_HUB = "judge.new-hub";
    public static final String JUDGE_NEW_PARTS = "judge.new-parts";

    public static final String CLOSE_BRAKE_FACES = "close.brake-faces";
    public static final String CLOSE_DISC_SPACER = "close.disc-spacer";
    public static final String CLOSE_DISC = "close.disc";
    public static final String CLOSE_LOCATING_PINS = "close.locating-pins";
    public static final String CLOSE_DRUM = "close.drum";
    public static final String CLOSE_CALIPER = "close.caliper";
    public static final String CLOSE_WHEEL = "close.wheel";
    public static final String CLOSE_ROCK = "close.rock";
    public static final String CLOSE_DOWN = "close.down";
    public static final String CLOSE_OIL = "close.oil";
    public static final String CLOSE_WHEEL_NUTS = "close.wheel-nuts";
    public static final String CLOSE_PEDAL = "close.pedal";
    public static final String CLOSE_BRAKE_ADJUST = "close.brake-adjust";
    public static final String CLOSE_TAB_WASHER = "close.tab-washer";
    public static final String CLOSE_OUTER_NUT = "close.outer-nut";
    public static final String CLOSE_PLAY_LOCKED = "close.play-locked";
    public static final String CLOSE_TANG = "close.tang";
    public static final String CLOSE_LOCK_PLATE = "close.lock-plate";
    public static final String CLOSE_LOCK_SCREWS = "close.lock-screws";
    public static final String CLOSE_RETAINER = "close.retainer";
    public static final String CLOSE_COTTER = "close.cotter";
    public static final String CLOSE_STAKE = "close.stake";
    public static final String CLOSE_SPIN = "close.spin";
    public static final String CLOSE_PUMP = "close.pump";
    public static final String CLOSE_FLANGE_GASKET = "close.flange-gasket";
    public static final String CLOSE_LOCKING_HUB = "close.locking-hub";
    public static final String CLOSE_DRIVE_FLANGE = "close.drive-flange";
    public static final String CLOSE_SHIMS = "close.shims";
    public static final String CLOSE_CIRCLIP = "close.circlip";
    public static final String CLOSE_END_COVER = "close.end-cover";
    public static final String CLOSE_HUB_COVER = "close.hub-cover";
    public static final String CLOSE_HALF_SHAFT = "close.half-shaft";
    public static final String CLOSE_CAP_GASKET = "close.cap-gasket";
    public static final String CLOSE_CAP = "close.cap";
    public static final String CLOSE_CAP_FILL = "close.cap-fill";
    public static final String CLOSE_CAP_PLUG = "close.cap-plug";

    public static final String PROVE_DRIVE = "prove.drive";
    public static final String PROVE_TEMPERATURE = "prove.temperature";
    public static final String PROVE_OIL = "prove.oil";
    public static final String PROVE_ROCK = "prove.rock";
    public static final String PROVE_NUTS_AGAIN = "prove.nuts-again";
    public static final String PROVE_ROAD = "prove.road";

    public static final String REMEMBER_PARTS = "remember.parts";
    public static final String REMEMBER_SPARES = "remember.spares";
    public static final String REMEMBER_NEXT = "remember.next";

    public static final String STRIP_STUB_SEAL = "strip.stub-seal";
    public static final String STRIP_SEAL_SLEEVE = "strip.seal-sleeve";
    public static final String STRIP_TOGETHER = "strip.together";
    public static final String STRIP_KNOCK = "strip.knock";
    public static final String STRIP_SEAL = "strip.seal";
    public static final String STRIP_LOCKING_RING = "strip.locking-ring";
    public static final String STRIP_SNAP_RING = "strip.snap-ring";
    public static final String STRIP_INBOARD_CONE = "strip.inboard-cone";
    public static final String STRIP_HUB_AWAY = "strip.hub-away";
    public static final String STRIP_WHEEL = "strip.wheel";
    public static final String STRIP_CALIPER = "strip.caliper";
    public static final String STRIP_DRUM = "strip.drum";
    public static final String STRIP_LININGS = "strip.linings";
    public static final String STRIP_LOCATING_PINS = "strip.locating-pins";
    public static final String STRIP_DISC = "strip.disc";
    public static final String STRIP_DISC_SPACER = "strip.disc-spacer";
    public static final String STRIP_DRAIN = "strip.drain";
    public static final String STRIP_CAP_PLUG = "strip.cap-plug";
    public static final String STRIP_CAP = "strip.cap";
    public static final String STRIP_CAP_GASKET = "strip.cap-gasket";
    public static final String STRIP_HALF_SHAFT = "strip.half-shaft";
    public static final String STRIP_END_COVER = "strip.end-cover";
    public static final String STRIP_HUB_COVER = "strip.hub-cover";
    public static final String STRIP_CIRCLIP = "strip.circlip";
    public static final String STRIP_SHIMS = "strip.shims";
    public static final String STRIP_DRIVE_FLANGE = "strip.drive-flange";
    public static final String STRIP_LOCKING_HUB = "strip.locking-hub";
    public static final String STRIP_FLANGE_GASKET = "strip.flange-gasket";
    public static final String STRIP_SPIN_AGAIN = "strip.spin-again";
    public static final String STRIP_LOOK_GREASE = "strip.look-grease";
    public static final String STRIP_COTTER = "strip.cotter";
    public static final String STRIP_RETAINER = "strip.retainer";
    public static final String STRIP_TANG = "strip.tang";
    public static final String STRIP_LOCK_SCREWS = "strip.lock-screws";
    public static final String STRIP_LOCK_PLATE = "strip.lock-plate";
    public static final String STRIP_OUTER_NUT = "strip.outer-nut";
    public static final String STRIP_TAB_WASHER = "strip.tab-washer";
    public static final String STRIP_MARK_NUT = "strip.mark-nut";
    public static final String STRIP_NUT = "strip.nut";
    public static final String STRIP_WASHER = "strip.washer";
    public static final String STRIP_TANG_WASHER = "strip.tang-washer";
    public static final String STRIP_UPRIGHT_FLANGE = "strip.upright-flange";
    public static final String STRIP_STEERING_JOINTS = "strip.steering-joints";
    public static final String STRIP_UPRIGHT = "strip.upright";
    public static final String STRIP_OUTBOARD_SEAL = "strip.outboard-seal";
    public static final String STRIP_OUTBOARD_CONE = "strip.outboard-cone";
    public static final String STRIP_SPACER = "strip.spacer";
    public static final String STRIP_WATER_SHIELD = "strip.water-shield";

    public static final String HUB_ROTOR = "hub.rotor";
    public static final String HUB_SEAL_SLEEVE = "hub.seal-sleeve";
    public static final String HUB_INBOARD_CONE = "hub.inboard-cone";
    public static final String HUB_LOCKING_RING = "hub.locking-ring";
    public static final String HUB_SNAP_RING = "hub.snap-ring";
    public static final String HUB_SEAL = "hub.seal";
    public static final String HUB_WATER_SHIELD = "hub.water-shield";
    public static final String HUB_STUB_SEAL = "hub.stub-seal";
    public static final String HUB_BRAKE_FACES = "hub.brake-faces";
    public static final String HUB_SPACER = "hub.spacer";
    public static final String HUB_OUTBOARD_CONE = "hub.outboard-cone";
    public static final String HUB_OUTBOARD_SEAL = "hub.outboard-seal";
    public static final String HUB_UPRIGHT = "hub.upright";
    public static final String HUB_STEERING_JOINTS = "hub.steering-joints";
    public static final String HUB_UPRIGHT_FLANGE = "hub.upright-flange";
    public static final String HUB_CALIPER = "hub.caliper";
    public static final String HUB_WASHER = "hub.washer";
    public static final String HUB_TANG_WASHER = "hub.tang-washer";
    public static final String HUB_NUT = "hub.nut";

    public static final String SET_WHEEL = "nut.wheel";
    public static final String NUT_SEAT = "nut.seat";
    public static final String NUT_RELEASE = "nut.release";
    public static final String NUT_FINE = "nut.fine";
    public static final String NUT_STOP = "nut.stop";
    public static final String NUT_PLAY = "nut.play";
    public static final String NUT_FULL_TORQUE = "nut.full-torque";
    public static final String NUT_SHOWN = "nut.shown";

    public static final String PREPARE_PLACE = "prepare.place";
    public static final String PREPARE_COOL = "prepare.cool";
    public static final String PREPARE_LICENCE = "prepare.licence";
    public static final String PREPARE_FIGURES = "prepare.figures";
    public static final String PREPARE_ODOMETER = "prepare.odometer";
    public static final String PREPARE_NUMBERS = "prepare.numbers";
    public static final String PREPARE_HUB_BRINGS = "prepare.hub-brings";
    public static final String PREPARE_NEW_PARTS = "prepare.new-parts";
    public static final String PREPARE_BAG = "prepare.bag";

    public static final String LOOK_TEMPERATURE = "look.temperature";
    public static final String LOOK_SPIN = "look.spin";
    public static final String LOOK_ROCK = "look.rock";
    public static final String LOOK_LEAK = "look.leak";

    public static final String RAISE_CHOCK = "raise.chock";
    public static final String RAISE_CRACK_NUTS = "raise.crack-nuts";
    public static final String RAISE_JACK = "raise.jack";

    public static final String RACES_RIGHT_CUP = "races.right-cup";
    public static final String RACES_SNAP_RING_OUT = "races.snap-ring-out";
    public static final String RACES_HUB_WORK = "races.hub-work";
    public static final String RACES_BORES = "races.bores";
    public static final String RACES_WARM = "races.warm";
    public static final String RACES_SNAP_RING_IN = "races.snap-ring-in";
    public static final String RACES_SHOWN = "races.shown";

    private StepIds() {}
}
