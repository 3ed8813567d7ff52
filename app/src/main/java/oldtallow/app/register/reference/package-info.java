/** What is looked up and not fitted: catalogue sets, figures filed, sequences and tools of the workshop's own. */
@NamedInterface("reference")
@NullMarked
package oldtallow.app.register.reference;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
