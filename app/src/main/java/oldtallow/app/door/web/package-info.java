/** The door over HTTP. */
@NullMarked
package oldtallow.app.door.web;

import org.jspecify.annotations.NullMarked;
