package oldtallow.core.fit;

/**
 * What a hub is cast or turned from.
 *
 * <p>Young's modulus and Poisson's ratio: Shigley, Mechanical Engineering Design, table A-5; expansion: table 3-3 (from memory;
 * ductile iron: usual handbook values). Hoop limit: half the usual tensile strength of castings, two thirds of the yield
 * strength of ductile ones, common practice and no maker's figure.
 */
public enum HubMaterial {
    GREY_IRON("grey iron", 100_000, 0.211, 10.6e-6, 100),
    DUCTILE_IRON("ductile iron", 169_000, 0.275, 10.6e-6, 185),
    STEEL("steel", 207_000, 0.292, 10.8e-6, 200),
    ALUMINIUM("aluminium", 71_700, 0.333, 23.9e-6, 110);

    private final String words;
    private final double youngsModulus;
    private final double poissonsRatio;
    private final double expansion;
    private final double hoopLimit;

    HubMaterial(String words, double youngsModulus, double poissonsRatio, double expansion, double hoopLimit) {
        this.words = words;
        this.youngsModulus = youngsModulus;
        this.poissonsRatio = poissonsRatio;
        this.expansion = expansion;
        this.hoopLimit = hoopLimit;
    }

    public String words() {
        return words;
    }

    /** E, MPa. */
    public double youngsModulus() {
        return youngsModulus;
    }

    /** ν. */
    public double poissonsRatio() {
        return poissonsRatio;
    }

    /** Linear expansion, 1/K. */
    public double expansion() {
        return expansion;
    }

    /** Hoop stress at the bore that is not to be passed, MPa; guidance. */
    public double hoopLimit() {
        return hoopLimit;
    }
}
