/** The parts of a wheel end as they come off and go back on. */
@NullMarked
package oldtallow.core.hub.part;

import org.jspecify.annotations.NullMarked;
