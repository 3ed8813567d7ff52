/** Tapered roller bearing sets: their catalogue dimensions, and the shape inside that follows from them. */
@NullMarked
package oldtallow.core.bearing;

import org.jspecify.annotations.NullMarked;
