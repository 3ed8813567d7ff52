/** The stores in PostgreSQL. */
@NullMarked
package oldtallow.app.shelf.persistence;

import org.jspecify.annotations.NullMarked;
