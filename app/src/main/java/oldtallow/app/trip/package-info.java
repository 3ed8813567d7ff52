/** What a trip asks: what to do before it and on it, what to carry, where to feel the hubs. */
@NullMarked
package oldtallow.app.trip;

import org.jspecify.annotations.NullMarked;
