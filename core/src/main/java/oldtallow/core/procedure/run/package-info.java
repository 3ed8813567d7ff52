/** How a plan is walked: moves the hands do in one go, and where every pace stops. */
@NullMarked
package oldtallow.core.procedure.run;

import org.jspecify.annotations.NullMarked;
