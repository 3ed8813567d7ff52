/** Which choices a job has, and where each first matters. */
@NullMarked
package oldtallow.core.procedure.choice;

import org.jspecify.annotations.NullMarked;
