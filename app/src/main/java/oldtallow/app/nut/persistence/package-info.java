/** Nut settings in PostgreSQL. */
@NullMarked
package oldtallow.app.nut.persistence;

import org.jspecify.annotations.NullMarked;
