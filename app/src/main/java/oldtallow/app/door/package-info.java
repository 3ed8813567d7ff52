/** How telephones of the workshop come in. */
@NullMarked
package oldtallow.app.door;

import org.jspecify.annotations.NullMarked;
