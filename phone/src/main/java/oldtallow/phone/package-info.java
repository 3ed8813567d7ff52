/** The core as a phone runs it. */
@NullMarked
package oldtallow.phone;

import org.jspecify.annotations.NullMarked;
