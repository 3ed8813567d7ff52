package oldtallow.core.procedure.step;

import java.time.Duration;

/** A wait or a working time that matters. */
public record Timer(Duration lasts, String words) {}
