package oldtallow.core.hub.section;

/** Parts of a wheel end as the trade names them, from the axle outward. */
public enum PartName {
    SPINDLE("spindle"),
    DRIVESHAFT("driveshaft"),
    HALF_SHAFT("half shaft"),
    STUB_SEAL("stub seal"),
    GREASE_CHANNEL("grease channel"),
    SEAL("seal"),
    SEAL_SLEEVE("seal sleeve"),
    TONE_RING("tone ring"),
    WATER_SHIELD("water shield"),
    SNAP_RING("snap ring"),
    INBOARD_CUP("inboard cup"),
    INBOARD_CONE("inboard cone"),
    SPACER("spacer"),
    CAVITY("hub cavity"),
    HUB("hub"),
    STUD("wheel stud"),
    BRAKE("brake"),
    OUTBOARD_CUP("outboard cup"),
    OUTBOARD_CONE("outboard cone"),
    OUTBOARD_SEAL("outboard seal"),
    LOCKING_RING("locking ring"),
    WASHER("washer"),
    NUT("nut"),
    OUTER_NUT("outer nut"),
    LOCK("lock"),
    CIRCLIP("circlip"),
    GASKET("gasket"),
    DRIVE_FLANGE("drive flange"),
    CAP("cap"),
    CAP_PLUG("cap plug");

    private final String words;

    PartName(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
