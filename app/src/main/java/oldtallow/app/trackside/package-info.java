/** At the trackside: what a device takes along to where there is no network. */
@NullMarked
package oldtallow.app.trackside;

import org.jspecify.annotations.NullMarked;
