/** Meters, trips and water in PostgreSQL. */
@NullMarked
package oldtallow.app.usage.persistence;

import org.jspecify.annotations.NullMarked;
