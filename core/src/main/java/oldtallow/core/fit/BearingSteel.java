package oldtallow.core.fit;

/** Through-hardened bearing steel, such as 100Cr6 and 52100. Usual handbook values, from memory. */
final class BearingSteel {

    /** E, MPa. */
    static final double YOUNGS_MODULUS = 207_000;
    /** ν; that of carbon steel, Shigley table A-5 (from memory). */
    static final double POISSONS_RATIO = 0.292;
    /** Linear expansion, 1/K. */
    static final double EXPANSION = 11.5e-6;
    /** ρ, kg/m³. */
    static final double DENSITY = 7800;
    /** c, J/(kg·K). */
    static final double HEAT_CAPACITY = 460;
    /** Rings may be heated to this and keep size and hardness, °C; common practice. */
    static final double MOST_CELSIUS = 120;

    private BearingSteel() {}
}
