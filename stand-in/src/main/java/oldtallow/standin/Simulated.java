package oldtallow.standin;

import java.util.Locale;

/** What a simulated instrument is, and how its hand moves. */
public enum Simulated {
    /** Pulled up over two seconds, held at its peak for another two, let go; the peak is what was pulled. */
    TORQUE_WRENCH("Nm", 0.1, 68, 2) {
        @Override
        double shows(double value, double seconds) {
            double at = seconds % 5;
            return at < 2 ? value * at / 2 : at < 4 ? value : 0;
        }

        @Override
        boolean isSteady(double seconds) {
            double at = seconds % 5;
            return at >= 2 && at < 4;
        }
    },
    /** Zeroed on the push; on the pull it shows the play, in and out every two seconds. */
    DIAL_INDICATOR("mm", 0.002, 0.076, 3) {
        @Override
        double shows(double value, double seconds) {
            double at = seconds % 4;
            return at < 1 ? 0 : at < 1.5 ? value * (at - 1) / 0.5 : value;
        }

        @Override
        boolean isSteady(double seconds) {
            double at = seconds % 4;
            return at >= 1.5;
        }
    },
    /** Pointed at a hub, it takes a second to find its temperature. */
    THERMOMETER("degC", 0.1, 41.5, 1) {
        @Override
        double shows(double value, double seconds) {
            return value + 20 * Math.exp(-3 * seconds);
        }

        @Override
        boolean isSteady(double seconds) {
            return seconds > 2;
        }
    },
    /** Higher at the start than while it turns. */
    SPRING_SCALE("N", 0.5, 14, 1) {
        @Override
        double shows(double value, double seconds) {
            double at = seconds % 6;
            return at < 1 ? value * 1.6 * at : value;
        }

        @Override
        boolean isSteady(double seconds) {
            return seconds % 6 >= 1;
        }
    },
    CALLIPER("mm", 0.01, 34.93, 2) {
        @Override
        double shows(double value, double seconds) {
            return value;
        }

        @Override
        boolean isSteady(double seconds) {
            return true;
        }
    };

    private final String unit;
    private final double resolution;
    private final double usual;
    private final int decimals;

    Simulated(String unit, double resolution, double usual, int decimals) {
        this.unit = unit;
        this.resolution = resolution;
        this.usual = usual;
        this.decimals = decimals;
    }

    String unit() {
        return unit;
    }

    double resolution() {
        return resolution;
    }

    /** What it shows unless told otherwise, in its unit. */
    double usual() {
        return usual;
    }

    String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** As its display would: rounded to what it resolves. */
    String display(double value) {
        double rounded = Math.rint(value / resolution) * resolution;
        return String.format(Locale.ROOT, "%." + decimals + "f", rounded);
    }

    /**
     * Where the hand stands.
     *
     * @param value it is to settle at
     * @param seconds since it was set going
     */
    abstract double shows(double value, double seconds);

    abstract boolean isSteady(double seconds);
}
