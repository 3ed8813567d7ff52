/** What the workshop's time costs, over HTTP. */
@NullMarked
package oldtallow.app.workshop.web;

import org.jspecify.annotations.NullMarked;
