/** Tables: the ports by jOOQ. */
@NullMarked
package oldtallow.app.job.persistence;

import org.jspecify.annotations.NullMarked;
