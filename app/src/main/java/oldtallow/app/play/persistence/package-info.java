/** Play read again, in PostgreSQL. */
@NullMarked
package oldtallow.app.play.persistence;

import org.jspecify.annotations.NullMarked;
