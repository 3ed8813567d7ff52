/** One picture a rig, drawn anew before it is kept. */
@NamedInterface("photo")
@NullMarked
package oldtallow.app.register.photo;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
