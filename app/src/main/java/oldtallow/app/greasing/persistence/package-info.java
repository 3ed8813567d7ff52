/** Fillings in PostgreSQL. */
@NullMarked
package oldtallow.app.greasing.persistence;

import org.jspecify.annotations.NullMarked;
