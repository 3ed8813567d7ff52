package oldtallow.core.procedure.step;

import java.time.Duration;

/**
 * A wait or a working time that matters.
 *
 * @param meanwhile whether the hands go on with something else while it runs
 */
public record Timer(Duration lasts, String words, boolean meanwhile) {}
