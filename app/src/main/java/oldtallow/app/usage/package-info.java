/** How rigs are used: their meters, trips and water, from which the almanac counts. */
@NullMarked
package oldtallow.app.usage;

import org.jspecify.annotations.NullMarked;
