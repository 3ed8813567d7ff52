/** What falls due and by what: actions, triggers, the practices of the trade; and how a wheel end stands because of it. */
@NullMarked
package oldtallow.core.schedule.interval;

import org.jspecify.annotations.NullMarked;
