/** What a trip asks of the hubs: what to do before leaving, what on the way, and where to feel them. */
@NullMarked
package oldtallow.core.travel.trip;

import org.jspecify.annotations.NullMarked;
