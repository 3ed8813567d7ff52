/** Tables: the ports by jOOQ. */
@NullMarked
package oldtallow.app.outlet.persistence;

import org.jspecify.annotations.NullMarked;
