/** How warm hubs were from stop to stop, and what that says to do. */
@NullMarked
package oldtallow.app.warmth;

import org.jspecify.annotations.NullMarked;
