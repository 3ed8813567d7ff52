/** Closing up: which wheel nut after which, how hard in which stage, and what that does to the stud. */
@NullMarked
package oldtallow.core.travel.wheel;

import org.jspecify.annotations.NullMarked;
