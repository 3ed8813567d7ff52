/** What other rooms may ask. */
@NamedInterface("api")
@NullMarked
package oldtallow.app.setting.api;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
