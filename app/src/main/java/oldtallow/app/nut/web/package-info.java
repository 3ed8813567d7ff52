/** Nut calculations and settings over HTTP. */
@NullMarked
package oldtallow.app.nut.web;

import org.jspecify.annotations.NullMarked;
