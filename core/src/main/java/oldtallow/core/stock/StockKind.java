package oldtallow.core.stock;

import java.util.Optional;
import oldtallow.core.hub.part.Part;

/** What lies on a shelf. */
public enum StockKind {
    BEARING("bearing set", ShelfLife.WRAPPED_BEARING),
    SEAL("seal", ShelfLife.NITRILE_SEAL),
    WASHER("washer", ShelfLife.METAL_PART),
    NUT("nut", ShelfLife.METAL_PART),
    LOCK("lock, cotter", ShelfLife.METAL_PART),
    CAP("cap", ShelfLife.METAL_PART),
    GASKET("gasket", ShelfLife.NITRILE_SEAL),
    HUB("complete hub", ShelfLife.WRAPPED_BEARING),
    LININGS("brake linings, an axle set", ShelfLife.METAL_PART),
    GREASE("grease", ShelfLife.GREASE_IN_ITS_TIN),
    SUPPLY("other supply", ShelfLife.GREASE_IN_ITS_TIN),
    SPARE_BAG("sealed bag of spares", ShelfLife.PACKED_BEARING_BAGGED);

    private final String words;
    private final ShelfLife keeps;

    StockKind(String words, ShelfLife keeps) {
        this.words = words;
        this.keeps = keeps;
    }

    /** What a part of a wheel end lies under on the shelf; empty for what is no stock, such as the wheel. */
    public static Optional<StockKind> of(Part part) {
        return switch (part) {
            case INBOARD_CONE, INBOARD_CUP, OUTBOARD_CONE, OUTBOARD_CUP -> Optional.of(BEARING);
            case SEAL, OUTBOARD_SEAL, STUB_SEAL, SEAL_SLEEVE -> Optional.of(SEAL);
            case COTTER, TAB_WASHER, RETAINER, TANG_WASHER, LOCK_PLATE, LOCK_SCREWS, CIRCLIP, LOCKING_RING, SNAP_RING ->
                Optional.of(LOCK);
            case NUT, OUTER_NUT -> Optional.of(NUT);
            case WASHER, SHIMS, SPACER, WATER_SHIELD -> Optional.of(WASHER);
            case CAP, CAP_PLUG, END_COVER -> Optional.of(CAP);
            case CAP_GASKET, FLANGE_GASKET -> Optional.of(GASKET);
            case HUB -> Optional.of(HUB);
            case LININGS -> Optional.of(LININGS);
            case WHEEL,
                    CALIPER,
                    DRUM,
                    DISC,
                    DISC_SPACER,
                    LOCATING_PINS,
                    HALF_SHAFT,
                    DRIVE_FLANGE,
                    LOCKING_HUB,
                    HUB_COVER,
                    STEERING_JOINTS,
                    UPRIGHT -> Optional.empty();
        };
    }

    public String words() {
        return words;
    }

    /** How long it usually keeps. */
    public ShelfLife keeps() {
        return keeps;
    }
}
