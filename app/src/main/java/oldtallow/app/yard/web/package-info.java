/** The yard over HTTP. */
@NullMarked
package oldtallow.app.yard.web;

import org.jspecify.annotations.NullMarked;
