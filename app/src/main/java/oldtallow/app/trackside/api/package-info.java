/** Packs it. */
@NamedInterface("api")
@NullMarked
package oldtallow.app.trackside.api;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
