/** What was done at wheel ends, in PostgreSQL. */
@NullMarked
package oldtallow.app.service.persistence;

import org.jspecify.annotations.NullMarked;
