/** What each setting of the nut does to a wheel end: an estimate. */
@NullMarked
package oldtallow.app.rolling;

import org.jspecify.annotations.NullMarked;
