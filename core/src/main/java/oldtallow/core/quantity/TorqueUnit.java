package oldtallow.core.quantity;

/**
 * Units a torque wrench reads in.
 *
 * <p>1 lbf·ft = 0.3048 m × 4.4482216152605 N = 1.3558179483314004 N·m; 1 lbf·in is a twelfth of it (NIST SP 811, appendix
 * B). From memory.
 */
public enum TorqueUnit {
    NEWTON_METRE("N·m", 1),
    POUND_FORCE_FOOT("lbf·ft", 0.3048 * 4.4482216152605),
    POUND_FORCE_INCH("lbf·in", 0.0254 * 4.4482216152605),
    KILOGRAM_FORCE_METRE("kgf·m", 9.80665);

    private final String symbol;
    private final double newtonMetres;

    TorqueUnit(String symbol, double newtonMetres) {
        this.symbol = symbol;
        this.newtonMetres = newtonMetres;
    }

    public String symbol() {
        return symbol;
    }

    /** N·m in one of this unit. */
    public double newtonMetres() {
        return newtonMetres;
    }
}
