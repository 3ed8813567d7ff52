/** Hub temperatures from stop to stop: by thermometer or by hand, side against side, and where they are heading. */
@NullMarked
package oldtallow.core.travel.warmth;

import org.jspecify.annotations.NullMarked;
