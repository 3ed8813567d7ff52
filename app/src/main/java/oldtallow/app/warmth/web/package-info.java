/** Hub temperatures over HTTP. */
@NullMarked
package oldtallow.app.warmth.web;

import org.jspecify.annotations.NullMarked;
