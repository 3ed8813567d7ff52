/** The palette over HTTP. */
@NullMarked
package oldtallow.app.palette.web;

import org.jspecify.annotations.NullMarked;
