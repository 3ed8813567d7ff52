package oldtallow.core.schedule.interval;

import java.time.MonthDay;
import java.util.Locale;
import oldtallow.core.quantity.Digits;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/** What makes something due. Of several triggers for the same action the sooner one counts. */
public sealed interface Trigger {

    Kind kind();

    /** As a mechanic would say it. */
    String words();

    /** Kinds of trigger, and which of them one figure settles together. */
    enum Kind {
        MONTHS(Group.INTERVAL, 1, 240, "months"),
        KILOMETRES(Group.INTERVAL, 100, 1_000_000, "km"),
        DUNKINGS(Group.WATER, 1, 100, "dunkings"),
        CROSSINGS(Group.WATER, 1, 100, "water crossings"),
        TRIPS(Group.TRIPS, 1, 100, "trips"),
        SEASON_END(Group.SEASON, 101, 1231, "month and day, such as 1031"),
        FIRST_RUN(Group.FIRST_RUN, 10, 5_000, "km after new bearings"),
        AFTER_WHEEL_OFF(Group.AFTER_WHEEL_OFF, 1, 500, "km after the wheel was off");

        private final Group group;
        private final int least;
        private final int most;
        private final String unit;

        Kind(Group group, int least, int most, String unit) {
            this.group = group;
            this.least = least;
            this.most = most;
            this.unit = unit;
        }

        public Group group() {
            return group;
        }

        public String unit() {
            return unit;
        }

        public int least() {
            return least;
        }

        public int most() {
            return most;
        }

        /** A trigger of this kind; a season's end is its month times 100 plus its day. */
        public Trigger of(int number) {
            if (this != SEASON_END) {
                return new Count(this, number);
            }
            int month = number / 100;
            int day = number % 100;
            if (month < 1
                    || month > 12
                    || day < 1
                    || day > java.time.Month.of(month).maxLength()) {
                throw new OutOfRangeException(
                        EnteredQuantity.END_OF_SEASON, number, "month times 100 plus day, such as 1031");
            }
            return new SeasonEnd(MonthDay.of(month, day));
        }
    }

    /** Triggers that a figure settles together: whoever says months says whether kilometres count at all. */
    enum Group {
        INTERVAL,
        WATER,
        TRIPS,
        SEASON,
        FIRST_RUN,
        AFTER_WHEEL_OFF
    }

    /** The number by which {@link Kind#of(int)} makes it again. */
    int number();

    /**
     * So much of something since it was last done.
     *
     * @param kind any but a season's end
     */
    record Count(Kind kind, int number) implements Trigger {

        public Count {
            if (kind == Kind.SEASON_END) {
                throw new IllegalArgumentException("a season ends on a day");
            }
            if (!(number >= kind.least && number <= kind.most)) {
                throw new OutOfRangeException(
                        EnteredQuantity.INTERVAL,
                        number + " " + kind.unit,
                        kind.least + " to " + kind.most + " " + kind.unit);
            }
        }

        @Override
        public String words() {
            return switch (kind) {
                case MONTHS -> number == 1 ? "every month" : "every " + number + " months";
                case KILOMETRES -> "every " + kilometres() + " km";
                case DUNKINGS -> number == 1 ? "after every dunking" : "after " + number + " dunkings";
                case CROSSINGS -> number == 1 ? "after every water crossing" : "after " + number + " water crossings";
                case TRIPS -> number == 1 ? "after every trip" : "after " + number + " trips";
                case FIRST_RUN -> kilometres() + " km after new bearings";
                case AFTER_WHEEL_OFF -> kilometres() + " km after the wheel was off";
                case SEASON_END -> throw new IllegalStateException("refused above");
            };
        }

        private String kilometres() {
            return Digits.grouped(number);
        }
    }

    /** Every year on that day; 29 February is the 28th where there is none. */
    record SeasonEnd(MonthDay day) implements Trigger {

        @Override
        public Kind kind() {
            return Kind.SEASON_END;
        }

        @Override
        public int number() {
            return day.getMonthValue() * 100 + day.getDayOfMonth();
        }

        @Override
        public String words() {
            String month = day.getMonth().name();
            return "at the season's end, " + day.getDayOfMonth() + " " + month.charAt(0)
                    + month.substring(1).toLowerCase(Locale.ROOT);
        }
    }
}
