/** Which bearing it is, from whatever could be measured; and what studs and an axle hint at. */
@NullMarked
package oldtallow.core.bearing.identify;

import org.jspecify.annotations.NullMarked;
