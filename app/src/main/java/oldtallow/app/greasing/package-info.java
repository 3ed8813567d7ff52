/** What grease is in which wheel end. */
@NullMarked
package oldtallow.app.greasing;

import org.jspecify.annotations.NullMarked;
