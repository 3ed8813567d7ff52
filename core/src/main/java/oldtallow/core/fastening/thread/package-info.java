/** Spindle threads: pitch, hand, nominal diameter, and what a tightening torque does to one. */
@NullMarked
package oldtallow.core.fastening.thread;

import org.jspecify.annotations.NullMarked;
