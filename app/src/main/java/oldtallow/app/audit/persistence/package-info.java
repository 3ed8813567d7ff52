/** The trail in PostgreSQL. */
@NullMarked
package oldtallow.app.audit.persistence;

import org.jspecify.annotations.NullMarked;
