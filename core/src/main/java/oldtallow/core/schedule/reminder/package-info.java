/** When a reminder goes out: daily at an hour, never in quiet hours, by the wall clock of the place. */
@NullMarked
package oldtallow.core.schedule.reminder;

import org.jspecify.annotations.NullMarked;
