/** Hub temperatures in PostgreSQL. */
@NullMarked
package oldtallow.app.warmth.persistence;

import org.jspecify.annotations.NullMarked;
