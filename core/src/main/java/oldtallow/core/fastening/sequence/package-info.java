/** Adjustment procedures as ordered steps, and the guard against mixed torque units. */
@NullMarked
package oldtallow.core.fastening.sequence;

import org.jspecify.annotations.NullMarked;
