/** Jobs on the bench: their steps, what was found, and when they may be closed. */
@NullMarked
package oldtallow.app.job;

import org.jspecify.annotations.NullMarked;
