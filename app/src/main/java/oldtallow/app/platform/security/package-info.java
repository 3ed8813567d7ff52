/** Where a request comes from and how long a session lasts; refuses to start with a door left open. */
@NamedInterface("security")
@NullMarked
package oldtallow.app.platform.security;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
