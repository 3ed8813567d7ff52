/** People in PostgreSQL. */
@NullMarked
package oldtallow.app.people.persistence;

import org.jspecify.annotations.NullMarked;
