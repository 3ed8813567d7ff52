/** The stores over HTTP. */
@NullMarked
package oldtallow.app.shelf.web;

import org.jspecify.annotations.NullMarked;
