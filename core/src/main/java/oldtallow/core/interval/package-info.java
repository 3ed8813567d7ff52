/** How old a setting may grow, and how a wheel end stands in the yard because of it. */
@NullMarked
package oldtallow.core.interval;

import org.jspecify.annotations.NullMarked;
