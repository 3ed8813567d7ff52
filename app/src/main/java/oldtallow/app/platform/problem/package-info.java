/** What is refused, and why, in the words a person is told. */
@NamedInterface("problem")
@NullMarked
package oldtallow.app.platform.problem;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
