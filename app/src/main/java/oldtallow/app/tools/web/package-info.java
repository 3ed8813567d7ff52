/** The workshop's tools over HTTP. */
@NullMarked
package oldtallow.app.tools.web;

import org.jspecify.annotations.NullMarked;
