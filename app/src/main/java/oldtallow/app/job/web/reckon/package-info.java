/** Calculations that need no rig and save nothing, and those worked out for a wheel end. */
@NullMarked
package oldtallow.app.job.web.reckon;

import org.jspecify.annotations.NullMarked;
