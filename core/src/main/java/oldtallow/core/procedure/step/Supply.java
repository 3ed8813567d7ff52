package oldtallow.core.procedure.step;

/** What a step uses up, beside the new parts. */
public enum Supply {
    RAGS("rags"),
    SOLVENT("solvent"),
    BRAKE_CLEANER("brake cleaner"),
    WHEEL_BEARING_GREASE("wheel-bearing grease"),
    PURGE_GREASE("grease of another colour, to purge with"),
    LIGHT_OIL("light oil"),
    GEAR_OIL("gear or hub oil, the maker's grade"),
    THREADLOCKER("threadlocker, removable grade"),
    SEALANT("flange sealant"),
    ANTI_SEIZE("anti-seize paste"),
    PAINT("paint for the cap and marks"),
    DRY_ICE("ice, or a bath of dry ice not below −54 °C"),
    SPINDLE_BAG("bag for the spindle");

    private final String words;

    Supply(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
