/** Whose rows these are. */
@NullMarked
package oldtallow.app.workshop;

import org.jspecify.annotations.NullMarked;
