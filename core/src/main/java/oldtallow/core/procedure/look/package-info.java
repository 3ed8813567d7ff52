/** The first look at a wheel end, before anything is loosened, and what it points to. */
@NullMarked
package oldtallow.core.procedure.look;

import org.jspecify.annotations.NullMarked;
