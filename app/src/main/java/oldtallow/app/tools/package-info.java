/** The workshop's own drivers, sockets and grease guns. */
@NullMarked
package oldtallow.app.tools;

import org.jspecify.annotations.NullMarked;
