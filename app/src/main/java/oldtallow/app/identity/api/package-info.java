/** What other rooms may ask. */
@NamedInterface("api")
@NullMarked
package oldtallow.app.identity.api;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
