/** How rigs are used, what falls due when and why it moved, what a trip asks, how warm the hubs ran. */
@NullMarked
package oldtallow.app.schedule;

import org.jspecify.annotations.NullMarked;
