/** What every feature stands on: problems, limits on requests, the clock, the served files. */
@NullMarked
package oldtallow.app.platform;

import org.jspecify.annotations.NullMarked;
