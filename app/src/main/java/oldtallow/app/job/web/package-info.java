/** The bench over HTTP. */
@NullMarked
package oldtallow.app.job.web;

import org.jspecify.annotations.NullMarked;
