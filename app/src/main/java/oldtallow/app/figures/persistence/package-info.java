/** Figures in PostgreSQL. */
@NullMarked
package oldtallow.app.figures.persistence;

import org.jspecify.annotations.NullMarked;
