/** Who asks, in what role, and that they see only their own workshop's rows. */
@NullMarked
package oldtallow.app.walls;

import org.jspecify.annotations.NullMarked;
