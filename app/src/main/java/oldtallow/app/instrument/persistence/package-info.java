/** Paired instruments in PostgreSQL. */
@NullMarked
package oldtallow.app.instrument.persistence;

import org.jspecify.annotations.NullMarked;
