/** The palette's words in PostgreSQL. */
@NullMarked
package oldtallow.app.palette.persistence;

import org.jspecify.annotations.NullMarked;
