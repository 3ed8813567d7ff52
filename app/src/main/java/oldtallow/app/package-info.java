/** The application: features that meet only at their root packages. */
@NullMarked
package oldtallow.app;

import org.jspecify.annotations.NullMarked;
