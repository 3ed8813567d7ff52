/** The workshop's tools in PostgreSQL. */
@NullMarked
package oldtallow.app.tools.persistence;

import org.jspecify.annotations.NullMarked;
