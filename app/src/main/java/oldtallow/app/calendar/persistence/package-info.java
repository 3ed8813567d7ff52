/** Feeds, and what calendars were told, in PostgreSQL. */
@NullMarked
package oldtallow.app.calendar.persistence;

import org.jspecify.annotations.NullMarked;
