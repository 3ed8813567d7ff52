package oldtallow.core.travel.wheel;

import java.util.List;
import oldtallow.core.quantity.Torque;
import oldtallow.core.schedule.figure.FigureValue.BoltTorque;

/**
 * A round of tightening. Snug, half, full, then once round: common practice; printed stages for 1/2 in studs of 20–25, 50–60
 * and 90–120 lbf·ft are the shares used here (trailer manuals, from memory).
 */
public record TorqueStage(Kind kind, Torque least, Torque most) {

    /** Rounds of the nuts, in the order they are pulled. */
    public enum Kind {
        SNUG("snug", "wheel off the ground, by hand or brace, in the star", 0.2),
        HALF("half", "rig down, in the star", 0.5),
        FULL("full", "to the figure, in the star, wrench pulled evenly", 1),
        ROUND("once round", "every nut once more, one after the other; none may move", 1);

        private final String words;
        private final String how;
        private final double share;

        Kind(String words, String how, double share) {
            this.words = words;
            this.how = how;
            this.share = share;
        }

        public String words() {
            return words;
        }

        public String how() {
            return how;
        }

        /** Whether the nuts are taken across the wheel rather than one after the other. */
        public boolean inTheStar() {
            return this != ROUND;
        }
    }

    /** The rounds up to a figure. */
    public static List<TorqueStage> upTo(BoltTorque figure) {
        return List.of(Kind.values()).stream()
                .map(kind -> new TorqueStage(
                        kind, figure.least().times(kind.share), figure.most().times(kind.share)))
                .toList();
    }
}
