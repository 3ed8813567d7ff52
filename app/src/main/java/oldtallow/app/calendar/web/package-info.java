/** Calendar feeds over HTTP. */
@NullMarked
package oldtallow.app.calendar.web;

import org.jspecify.annotations.NullMarked;
