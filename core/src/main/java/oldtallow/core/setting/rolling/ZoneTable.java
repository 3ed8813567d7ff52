package oldtallow.core.setting.rolling;

/**
 * Load zones read off a table, a thousand times faster than by quadrature, within 10⁻⁶ of the integrals.
 *
 * <pre>
 * x = ∛(ln ε)      ln J(x) cubic between nodes, ε from 10⁻⁵ to 10⁵
 * </pre>
 *
 * The cube root packs the nodes round ε = 1, where the zone closes and the integrals bend as |ε − 1|^1.6: in the plain logarithm
 * a thousand nodes leave 10⁻⁴ there. Which zone has a wanted Jr/Ja is found in it. This product's own, held against
 * {@link LoadZone}.
 */
final class ZoneTable {

    static final double LEAST_SHARE = 1e-5;
    static final double MOST_SHARE = 1e5;

    private static final int NODES = 1601;
    private static final int NEWTON_ROUNDS = 30;
    private static final ZoneTable TABLE = new ZoneTable();

    private final double start = packed(LEAST_SHARE);
    private final double step = (packed(MOST_SHARE) - start) / (NODES - 1);
    private final double[] radial = new double[NODES];
    private final double[] axial = new double[NODES];
    private final double[] turning = new double[NODES];
    private final double[] standing = new double[NODES];

    private ZoneTable() {
        for (int i = 0; i < NODES; i++) {
            LoadZone zone = LoadZone.of(share(start + i * step));
            radial[i] = Math.log(zone.radial());
            axial[i] = Math.log(zone.axial());
            turning[i] = Math.log(zone.turning());
            standing[i] = Math.log(zone.standing());
        }
    }

    /** The zone of a share; beyond the table its end. */
    static LoadZone of(double share) {
        double within = Math.min(Math.max(share, LEAST_SHARE), MOST_SHARE);
        double x = packed(within);
        return new LoadZone(
                within,
                Math.exp(TABLE.read(TABLE.radial, x)),
                Math.exp(TABLE.read(TABLE.axial, x)),
                Math.exp(TABLE.read(TABLE.turning, x)),
                Math.exp(TABLE.read(TABLE.standing, x)));
    }

    /** The share whose Jr/Ja is so much, over 0 to 1; beyond the table its end. */
    static double shareOf(double ratio) {
        double wanted = Math.log(ratio);
        int low = 0;
        int high = NODES - 1;
        if (wanted >= TABLE.logRatio(low)) {
            return LEAST_SHARE;
        }
        if (wanted <= TABLE.logRatio(high)) {
            return MOST_SHARE;
        }
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (TABLE.logRatio(middle) > wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return share(TABLE.within(low, wanted));
    }

    private static double packed(double share) {
        return Math.cbrt(Math.log(share));
    }

    private static double share(double packed) {
        return Math.exp(packed * packed * packed);
    }

    private double logRatio(int node) {
        return radial[node] - axial[node];
    }

    /** Regula falsi within a cell, where the ratio runs nearly straight. */
    private double within(int cell, double wanted) {
        double left = start + cell * step;
        double right = left + step;
        double missLeft = logRatio(cell) - wanted;
        double missRight = logRatio(cell + 1) - wanted;
        double x = left;
        for (int round = 0; round < NEWTON_ROUNDS; round++) {
            x = left - missLeft * (right - left) / (missRight - missLeft);
            double miss = read(radial, x) - read(axial, x) - wanted;
            if (Math.abs(miss) < 1e-15 || right - left < 1e-15) {
                break;
            }
            if (miss > 0) {
                left = x;
                missLeft = miss;
                missRight *= 0.5; // the Illinois rule: no end stands still
            } else {
                right = x;
                missRight = miss;
                missLeft *= 0.5;
            }
        }
        return x;
    }

    /** Cubic through the four nodes round x. */
    private double read(double[] values, double x) {
        double at = (x - start) / step;
        int i = Math.min(Math.max((int) at, 1), NODES - 3);
        double t = at - i;
        double a = values[i - 1];
        double b = values[i];
        double c = values[i + 1];
        double d = values[i + 2];
        return a * (-t * (t - 1) * (t - 2) / 6)
                + b * ((t + 1) * (t - 1) * (t - 2) / 2)
                + c * (-(t + 1) * t * (t - 2) / 2)
                + d * ((t + 1) * t * (t - 1) / 6);
    }
}
