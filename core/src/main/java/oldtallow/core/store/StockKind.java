package oldtallow.core.store;

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
    GREASE("grease", ShelfLife.GREASE_IN_ITS_TIN),
    SUPPLY("other supply", ShelfLife.GREASE_IN_ITS_TIN),
    SPARE_BAG("sealed bag of spares", ShelfLife.PACKED_BEARING_BAGGED);

    private final String words;
    private final ShelfLife keeps;

    StockKind(String words, ShelfLife keeps) {
        this.words = words;
        this.keeps = keeps;
    }

    public String words() {
        return words;
    }

    /** How long it usually keeps. */
    public ShelfLife keeps() {
        return keeps;
    }
}
