/** Fitted parts in PostgreSQL. */
@NullMarked
package oldtallow.app.fitted.persistence;

import org.jspecify.annotations.NullMarked;
