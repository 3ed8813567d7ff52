/** Tracks recorded on the road, read with care: they come from anywhere. */
@NullMarked
package oldtallow.app.schedule.track;

import org.jspecify.annotations.NullMarked;
