/** What is chosen among on a job, as it is sent and shown wherever a job is. */
@NullMarked
package oldtallow.app.job.form;

import org.jspecify.annotations.NullMarked;
