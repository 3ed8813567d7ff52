/** Figures that govern the work, and whose they are: maker's over workshop's over common practice. */
@NullMarked
package oldtallow.core.schedule.figure;

import org.jspecify.annotations.NullMarked;
