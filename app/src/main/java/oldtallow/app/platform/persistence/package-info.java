/** Tables: the ports by jOOQ. */
@NullMarked
package oldtallow.app.platform.persistence;

import org.jspecify.annotations.NullMarked;
