/** Plans a job on a wheel end: which steps, in which order, and what becomes of every part. */
@NullMarked
package oldtallow.core.procedure.job;

import org.jspecify.annotations.NullMarked;
