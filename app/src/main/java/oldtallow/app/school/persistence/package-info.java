/** A workshop's own schools in PostgreSQL. */
@NullMarked
package oldtallow.app.school.persistence;

import org.jspecify.annotations.NullMarked;
