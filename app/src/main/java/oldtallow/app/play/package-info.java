/** End play read again after a setting has run, and what a hub teaches by it. */
@NullMarked
package oldtallow.app.play;

import org.jspecify.annotations.NullMarked;
