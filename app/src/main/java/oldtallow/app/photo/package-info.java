/** Photos of rigs. */
@NullMarked
package oldtallow.app.photo;

import org.jspecify.annotations.NullMarked;
