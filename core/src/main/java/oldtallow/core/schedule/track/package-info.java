/** How far a recorded track went: jitter left out, gaps bridged and told. */
@NullMarked
package oldtallow.core.schedule.track;

import org.jspecify.annotations.NullMarked;
