/** The trail over HTTP. */
@NullMarked
package oldtallow.app.audit.web;

import org.jspecify.annotations.NullMarked;
