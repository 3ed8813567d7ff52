/** Tables: the ports by jOOQ. */
@NullMarked
package oldtallow.app.instrument.persistence;

import org.jspecify.annotations.NullMarked;
