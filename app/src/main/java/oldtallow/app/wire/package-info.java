/** What crosses the wire in more than one feature: lengths, torques, threads, locks and figures, each with its unit. */
@NullMarked
package oldtallow.app.wire;

import org.jspecify.annotations.NullMarked;
