/** Due dates and trips for calendar programs: feeds and files of RFC 5545. */
@NullMarked
package oldtallow.app.calendar;

import org.jspecify.annotations.NullMarked;
