/** Tables: the ports by jOOQ. */
@NullMarked
package oldtallow.app.schedule.persistence;

import org.jspecify.annotations.NullMarked;
