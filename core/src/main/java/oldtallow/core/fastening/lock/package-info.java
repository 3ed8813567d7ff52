/** Locks of an adjusting nut, and every angle at which each can hold it. Angles are exact fractions of a turn, counted in the loosening direction as seen from outside the hub. */
@NullMarked
package oldtallow.core.fastening.lock;

import org.jspecify.annotations.NullMarked;
