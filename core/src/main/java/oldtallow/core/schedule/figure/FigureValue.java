package oldtallow.core.schedule.figure;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.sequence.TorqueRange;
import oldtallow.core.quantity.Digits;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Torque;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.DueRule;
import oldtallow.core.schedule.interval.Trigger;

/** A figure of one kind. */
public sealed interface FigureValue {

    /** Most characters of a figure that is words. */
    int MOST_WORDS = 300;

    FigureKind kind();

    /**
     * How the nut is set.
     *
     * @param words the maker's own numbers where they differ from the procedure's; at most 300 characters, may be empty
     */
    record NutSequence(ProcedureId procedure, String words) implements FigureValue {

        public NutSequence {
            if (words.length() > MOST_WORDS) {
                throw new OutOfRangeException(EnteredQuantity.NUT_SEQUENCE, words.length(), "up to 300 characters");
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
     * Torque of a bolt or nut on a clean dry thread.
     *
     * @param kind of which bolts
     * @param least 5 to 1000 N·m, wheel nuts 20 or more
     * @param most not below {@code least}
     */
    record BoltTorque(FigureKind kind, Torque least, Torque most) implements FigureValue {

        private static final double LEAST_NM = 5;
        private static final double LEAST_WHEEL_NUT_NM = 20;
        private static final double MOST_NM = 1000;

        public BoltTorque {
            if (!kind.isBoltTorque()) {
                throw new IllegalArgumentException("no torque of bolts: " + kind);
            }
            double from = kind == FigureKind.WHEEL_NUT_TORQUE ? LEAST_WHEEL_NUT_NM : LEAST_NM;
            if (!(least.newtonMetres() >= from && most.newtonMetres() <= MOST_NM)) {
                throw new OutOfRangeException(
                        kind,
                        least.newtonMetres() + " to " + most.newtonMetres() + " N·m",
                        Digits.fixed(from, 0) + " to 1000 N·m ("
                                + Digits.fixed(Torque.ofNewtonMetres(from).poundForceFeet(), 0)
                                + " to 740 lbf·ft); inch-pounds typed as foot-pounds?");
            }
            if (least.newtonMetres() > most.newtonMetres()) {
                throw new OutOfRangeException(
                        kind,
                        least.newtonMetres() + " to " + most.newtonMetres() + " N·m",
                        "given the right way up, least first");
            }
        }

        public static BoltTorque wheelNuts(Torque least, Torque most) {
            return new BoltTorque(FigureKind.WHEEL_NUT_TORQUE, least, most);
        }

        /** As a step asks it. */
        public TorqueRange asked() {
            return new TorqueRange(least, most, false, TorqueUnit.NEWTON_METRE);
        }
    }

    /**
     * Which spanners and sockets fit.
     *
     * @param words such as 27 mm nut, 19 mm wheel nuts, 13 mm caliper; 1 to 300 characters
     */
    record Spanners(String words) implements FigureValue {

        public Spanners {
            if (words.isBlank() || words.length() > MOST_WORDS) {
                throw new OutOfRangeException(
                        FigureKind.SPANNERS, words, "1 to 300 characters, such as 27 mm nut, 19 mm wheel nuts");
            }
        }

        @Override
        public FigureKind kind() {
            return FigureKind.SPANNERS;
        }
    }

    /**
     * Which grease.
     *
     * @param words as it stands on the tin or in the manual, 1 to 300 characters
     */
    record Grease(String words) implements FigureValue {

        public Grease {
            if (words.isBlank() || words.length() > MOST_WORDS) {
                throw new OutOfRangeException(
                        FigureKind.GREASE, words, "1 to 300 characters, such as NLGI 2 lithium complex");
            }
        }

        @Override
        public FigureKind kind() {
            return FigureKind.GREASE;
        }
    }

    /**
     * When the wheel end is seen to again: of the rules for one action the sooner counts.
     *
     * @param rules 1 to 24
     */
    record Interval(List<DueRule> rules) implements FigureValue {

        private static final int MOST_RULES = 24;

        public Interval {
            rules = List.copyOf(rules);
            if (rules.isEmpty() || rules.size() > MOST_RULES) {
                throw new OutOfRangeException(
                        FigureKind.INTERVAL,
                        rules.size() + " rules",
                        "1 to " + MOST_RULES + ", such as repack every 12 months");
            }
        }

        /** Repacked every so many months, and after so far where that counts, whichever comes first. */
        public static Interval repack(int months, Optional<Integer> kilometres) {
            return new Interval(Stream.concat(
                            Stream.of(new DueRule(DueAction.REPACK, Trigger.Kind.MONTHS.of(months))),
                            kilometres
                                    .map(km -> new DueRule(DueAction.REPACK, Trigger.Kind.KILOMETRES.of(km)))
                                    .stream())
                    .toList());
        }

        @Override
        public FigureKind kind() {
            return FigureKind.INTERVAL;
        }
    }
}
