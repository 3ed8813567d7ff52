/** One request, one transaction, one entry: whoever retries does not double. */
@NamedInterface("write")
@NullMarked
package oldtallow.app.platform.write;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
