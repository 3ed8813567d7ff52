package oldtallow.app.instrument.model;

import java.util.Optional;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.setting.measure.Instrument;

/**
 * What an instrument shows now.
 *
 * @param kind empty until it has said hello
 * @param value in {@code unit}; empty until it has sent one
 * @param steady whether it stands still enough to be taken
 * @param taken the reading taken last by its own button, and its count; empty where none was
 * @param battery percent
 * @param trouble what is wrong, for whoever holds it; empty where nothing is
 */
public record LiveReading(
        State state,
        Optional<Instrument> kind,
        String serial,
        String name,
        Optional<Double> value,
        ReadingUnit unit,
        double resolution,
        boolean steady,
        Optional<TakenOnIt> taken,
        Optional<Integer> battery,
        Optional<String> trouble) {

    /** How the line to it stands. */
    public enum State {
        CONNECTING,
        LIVE,
        /** Connected, but nothing sensible came for a while. */
        SILENT,
        /** The line broke; it is tried again. */
        LOST
    }

    /** A reading taken by the button on the instrument. */
    public record TakenOnIt(long count, double value) {}
}
