/** Jobs and their entries in PostgreSQL. */
@NullMarked
package oldtallow.app.job.persistence;

import org.jspecify.annotations.NullMarked;
