/** Who a request works for, in what role, and the one table of who may do what. */
@NamedInterface("access")
@NullMarked
package oldtallow.app.identity.access;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
