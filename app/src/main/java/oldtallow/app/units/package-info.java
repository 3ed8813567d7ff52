/** What crosses the wire with its unit. */
@NullMarked
package oldtallow.app.units;

import org.jspecify.annotations.NullMarked;
