/** Photos in PostgreSQL. */
@NullMarked
package oldtallow.app.photo.persistence;

import org.jspecify.annotations.NullMarked;
