/** Rig standings in PostgreSQL. */
@NullMarked
package oldtallow.app.yard.persistence;

import org.jspecify.annotations.NullMarked;
