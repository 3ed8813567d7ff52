package oldtallow.core.setting.rolling;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * Integrals of the load on a bearing's rollers, by how much of it carries.
 *
 * <pre>
 * Jr(ε) = 1/2π · ∫ (1 − (1 − cos ψ)/2ε)^n · cos ψ dψ
 * Ja(ε) = 1/2π · ∫ (1 − (1 − cos ψ)/2ε)^n dψ            over |ψ| ≤ arccos(1 − 2ε), all round from ε = 1 on
 * Jw(ε) = (1/2π · ∫ (1 − (1 − cos ψ)/2ε)^(w·n) dψ)^(1/w)
 * </pre>
 *
 * n = 10/9, Palmgren's line contact. Sjövall's integrals as in Harris, Rolling Bearing Analysis (from memory; its printed table
 * for lines was reckoned with n = 1.1). Quadrature: Gauss-Legendre after ψ = ψ0·(1 − t²), which takes the corner at the zone's
 * edge away.
 *
 * @param share ε, part of the diameter that carries: 0.5 half of it, 1 all round; over 0
 * @param turning J4: wears a ring that turns under the load, of the heaviest roller
 * @param standing J4.5: wears a ring that stands still under it
 */
record LoadZone(double share, double radial, double axial, double turning, double standing) {

    /** n of Palmgren's line contact. */
    static final double EXPONENT = 10.0 / 9;

    private static final double TURNING = 4;
    private static final double STANDING = 4.5;
    private static final int NODES = 24;
    private static final double[][] GAUSS = gauss(NODES);
    private static final int CLOSE_ENOUGH = 100;

    static LoadZone of(double share) {
        return of(share, EXPONENT);
    }

    static LoadZone of(double share, double exponent) {
        if (!(share > 0 && share < Double.POSITIVE_INFINITY)) {
            throw new OutOfRangeException(EnteredQuantity.LOAD_ZONE, share, "over 0");
        }
        double edge = share >= 1 ? Math.PI : Math.acos(1 - 2 * share);
        double radial = 0;
        double axial = 0;
        double turning = 0;
        double standing = 0;
        for (int i = 0; i < NODES; i++) {
            double t = (1 + GAUSS[0][i]) / 2;
            double psi = edge * (1 - t * t);
            // dψ = 2·ψ0·t dt, both halves of the zone, dt = weight/2
            double weight = GAUSS[1][i] * 2 * edge * t;
            double half = Math.sin(psi / 2);
            double depth = 1 - half * half / share;
            double load = depth > 0 ? Math.pow(depth, exponent) : 0;
            radial += weight * load * Math.cos(psi);
            axial += weight * load;
            double fourth = load * load * load * load;
            turning += weight * fourth;
            standing += weight * fourth * Math.sqrt(load);
        }
        double turn = 2 * Math.PI;
        return new LoadZone(
                share,
                radial / turn,
                axial / turn,
                Math.pow(turning / turn, 1 / TURNING),
                Math.pow(standing / turn, 1 / STANDING));
    }

    /** Nodes and weights on −1 to 1, by Newton on the Legendre polynomial. */
    static double[][] gauss(int nodes) {
        double[][] rule = new double[2][nodes];
        for (int i = 0; i < nodes; i++) {
            double x = Math.cos(Math.PI * (i + 0.75) / (nodes + 0.5));
            double slope = 0;
            for (int round = 0; round < CLOSE_ENOUGH; round++) {
                double before = 1;
                double now = x;
                for (int k = 2; k <= nodes; k++) {
                    double next = ((2 * k - 1) * x * now - (k - 1) * before) / k;
                    before = now;
                    now = next;
                }
                slope = nodes * (x * now - before) / (x * x - 1);
                double step = now / slope;
                x -= step;
                if (Math.abs(step) < 1e-15) {
                    break;
                }
            }
            rule[0][i] = x;
            rule[1][i] = 2 / ((1 - x * x) * slope * slope);
        }
        return rule;
    }
}
