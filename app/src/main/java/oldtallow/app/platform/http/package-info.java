/** How requests are let in, and how their problems are told. */
@NamedInterface("http")
@NullMarked
package oldtallow.app.platform.http;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
