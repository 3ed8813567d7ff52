/** Tables: the ports by jOOQ. */
@NullMarked
package oldtallow.app.register.persistence;

import org.jspecify.annotations.NullMarked;
