/** What falls due, in PostgreSQL. */
@NullMarked
package oldtallow.app.almanac.persistence;

import org.jspecify.annotations.NullMarked;
