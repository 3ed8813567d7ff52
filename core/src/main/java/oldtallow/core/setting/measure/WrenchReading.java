package oldtallow.core.setting.measure;

import oldtallow.core.fastening.sequence.TorqueRange;
import oldtallow.core.quantity.Torque;

/**
 * A torque by what it was pulled with.
 *
 * @param torque as shown or set
 */
public record WrenchReading(Torque torque, Wrench wrench) {

    private static final double OPEN_END = 1e6;

    /** What pulls, and how far off it may be: permissible deviations of ISO 6789, from memory; fingers: common practice. */
    public enum Wrench {
        /** Clicks or shows, more than 10 N·m. */
        LARGE("torque wrench above 10 N·m", 0.04),
        /** Clicks or shows, up to 10 N·m. */
        SMALL("torque wrench up to 10 N·m", 0.06),
        FINGERS("fingers", 0.5);

        private final String words;
        private final double deviation;

        Wrench(String words, double deviation) {
            this.words = words;
            this.deviation = deviation;
        }

        public String words() {
            return words;
        }

        /** Of what it shows, either way. */
        public double deviation() {
            return deviation;
        }

        /** The wrench that goes with a torque. */
        public static Wrench of(Torque torque) {
            return torque.newtonMetres() > 10 ? LARGE : SMALL;
        }
    }

    /** Expanded uncertainty of the torque, k = 2. */
    public Torque uncertainty() {
        return torque.times(wrench.deviation());
    }

    /** A sequence means its torque as well as a wrench can pull it: so much is allowed on either side of the range. */
    public Decision decide(TorqueRange asked) {
        double most = asked.openEnded() ? OPEN_END : asked.most().newtonMetres();
        return Decision.of(
                torque.newtonMetres(),
                uncertainty().newtonMetres(),
                asked.least().newtonMetres() * (1 - 2 * wrench.deviation()),
                most * (1 + 2 * wrench.deviation()));
    }
}
