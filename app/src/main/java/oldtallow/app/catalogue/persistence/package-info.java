/** Own bearing sets in PostgreSQL. */
@NullMarked
package oldtallow.app.catalogue.persistence;

import org.jspecify.annotations.NullMarked;
