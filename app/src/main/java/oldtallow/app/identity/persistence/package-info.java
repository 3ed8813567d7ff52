/** Tables: the ports by jOOQ. */
@NullMarked
package oldtallow.app.identity.persistence;

import org.jspecify.annotations.NullMarked;
