/** Readings with what they are uncertain by, and what may be said of them. */
@NullMarked
package oldtallow.core.setting.measure;

import org.jspecify.annotations.NullMarked;
