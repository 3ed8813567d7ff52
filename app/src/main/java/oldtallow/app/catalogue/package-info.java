/** Bearing sets known to the workshop: the standard ones and its own; which one it is. */
@NullMarked
package oldtallow.app.catalogue;

import org.jspecify.annotations.NullMarked;
