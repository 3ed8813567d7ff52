package oldtallow.core.figure;

import java.util.Optional;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Torque;
import oldtallow.core.sequence.SchoolId;

/** A figure of one kind. */
public sealed interface FigureValue {

    FigureKind kind();

    /**
     * How the nut is set.
     *
     * @param words the maker's own numbers where they differ from the school's; at most 300 characters, may be empty
     */
    record NutSequence(SchoolId school, String words) implements FigureValue {

        private static final int MOST_WORDS = 300;

        public NutSequence {
            if (words.length() > MOST_WORDS) {
                throw new OutOfRangeException("nut sequence in words", words.length(), "up to 300 characters");
            }
        }

        @Override
        public FigureKind kind() {
            return FigureKind.NUT_SEQUENCE;
        }
    }

    /** The end play to be left; below zero preload. */
    record EndPlay(EndPlayWindow window) implements FigureValue {

        @Override
        public FigureKind kind() {
            return FigureKind.END_PLAY;
        }
    }

    /**
     * Torque of a wheel nut on a clean dry thread.
     *
     * @param least 20 to 1000 N·m
     * @param most not below {@code least}
     */
    record WheelNutTorque(Torque least, Torque most) implements FigureValue {

        private static final double LEAST_NM = 20;
        private static final double MOST_NM = 1000;

        public WheelNutTorque {
            if (!(least.newtonMetres() >= LEAST_NM && most.newtonMetres() <= MOST_NM)) {
                throw new OutOfRangeException(
                        "wheel-nut torque",
                        least.newtonMetres() + " to " + most.newtonMetres() + " N·m",
                        "20 to 1000 N·m (15 to 740 lbf·ft); inch-pounds typed as foot-pounds?");
            }
            if (least.newtonMetres() > most.newtonMetres()) {
                throw new OutOfRangeException(
                        "wheel-nut torque",
                        least.newtonMetres() + " to " + most.newtonMetres() + " N·m",
                        "given the right way up, least first");
            }
        }

        @Override
        public FigureKind kind() {
            return FigureKind.WHEEL_NUT_TORQUE;
        }
    }

    /**
     * Which grease.
     *
     * @param words as it stands on the tin or in the manual, 1 to 300 characters
     */
    record Grease(String words) implements FigureValue {

        private static final int MOST_WORDS = 300;

        public Grease {
            if (words.isBlank() || words.length() > MOST_WORDS) {
                throw new OutOfRangeException("grease", words, "1 to 300 characters, such as NLGI 2 lithium complex");
            }
        }

        @Override
        public FigureKind kind() {
            return FigureKind.GREASE;
        }
    }

    /**
     * How long until the wheel end is opened again: the sooner of both.
     *
     * @param months 1 to 120
     * @param kilometres 100 to 1,000,000; empty where only the calendar counts
     */
    record Interval(int months, Optional<Integer> kilometres) implements FigureValue {

        public Interval {
            if (months < 1 || months > 120) {
                throw new OutOfRangeException("interval in months", months, "1 to 120 months");
            }
            kilometres.ifPresent(km -> {
                if (km < 100 || km > 1_000_000) {
                    throw new OutOfRangeException("interval in distance", km + " km", "100 to 1,000,000 km");
                }
            });
        }

        @Override
        public FigureKind kind() {
            return FigureKind.INTERVAL;
        }
    }
}
