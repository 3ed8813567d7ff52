/** Trips as they are planned, over HTTP. */
@NullMarked
package oldtallow.app.trip.web;

import org.jspecify.annotations.NullMarked;
