/** The nouns, and the ports behind which they are kept. */
@NamedInterface("model")
@NullMarked
package oldtallow.app.identity.model;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
