/** What needs me today: every wheel end with its state, worst first. */
@NullMarked
package oldtallow.app.yard;

import org.jspecify.annotations.NullMarked;
