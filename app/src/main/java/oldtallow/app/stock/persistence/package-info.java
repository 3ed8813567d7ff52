/** Tables: the ports by jOOQ. */
@NullMarked
package oldtallow.app.stock.persistence;

import org.jspecify.annotations.NullMarked;
