package oldtallow.app.instrument.model;

import java.util.UUID;
import oldtallow.core.setting.measure.Instrument;

/**
 * An instrument paired with the workshop's bench.
 *
 * @param name as it introduced itself
 * @param port of this machine on which it listens
 */
public record PairedInstrument(UUID id, Instrument kind, String name, String serial, int port) {}
