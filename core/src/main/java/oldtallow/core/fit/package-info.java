/** Cups in their hub and cones on their spindle: interference, pressure, force, warming and chilling, drivers, seating. */
@NullMarked
package oldtallow.core.fit;

import org.jspecify.annotations.NullMarked;
