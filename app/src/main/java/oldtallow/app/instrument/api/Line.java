package oldtallow.app.instrument.api;

import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.setting.measure.Instrument;

/** A line an instrument sent. */
sealed interface Line {

    /** The first line of every connection. */
    record Hello(Instrument kind, String serial, String name) implements Line {}

    /** Of the readings that follow. */
    record Unit(ReadingUnit unit) implements Line {}

    /** The smallest step it shows, in its unit; more than 0. */
    record Resolution(double step) implements Line {}

    /**
     * What it shows.
     *
     * @param count grows by one with each; one that came before is a repetition
     */
    record Reading(long count, double value, boolean steady) implements Line {}

    /** A reading taken by the button on the instrument itself. */
    record Taken(long count, double value) implements Line {}

    /** {@code percent}, 0 to 100. */
    record Battery(int percent) implements Line {}

    /** Something is wrong with it, in its own words. */
    record Fault(String code, String words) implements Line {}

    /** What the protocol does not know; {@code why} for whoever writes an instrument. */
    record Nonsense(String why) implements Line {}
}
