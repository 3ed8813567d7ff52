/**
 * Jobs on the bench: entries that are only ever added, how a job stands by them, and what is worked out beside a step.
 */
@NullMarked
package oldtallow.app.job;

import org.jspecify.annotations.NullMarked;
