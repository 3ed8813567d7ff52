/** How the workshop usually does what can be done in several ways. */
@NullMarked
package oldtallow.app.job.web.choice;

import org.jspecify.annotations.NullMarked;
