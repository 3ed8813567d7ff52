/** Workshops in PostgreSQL. */
@NullMarked
package oldtallow.app.workshop.persistence;

import org.jspecify.annotations.NullMarked;
