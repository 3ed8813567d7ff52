/** Plans a job on a wheel end: which steps, in which order, and what becomes of every part. */
@NullMarked
package oldtallow.core.job;

import org.jspecify.annotations.NullMarked;
