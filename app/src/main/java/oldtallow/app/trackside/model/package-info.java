/** What is taken along. */
@NamedInterface("model")
@NullMarked
package oldtallow.app.trackside.model;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
