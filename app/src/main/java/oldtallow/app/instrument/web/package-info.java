/** Paired instruments over HTTP. */
@NullMarked
package oldtallow.app.instrument.web;

import org.jspecify.annotations.NullMarked;
