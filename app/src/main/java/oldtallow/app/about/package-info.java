/** Which Old Tallow this is, and what others wrote of it. */
@NullMarked
package oldtallow.app.about;

import org.jspecify.annotations.NullMarked;
