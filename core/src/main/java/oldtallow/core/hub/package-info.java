/** What a wheel end is made of: the constructions of the trade, and the sizes of one. */
@NullMarked
package oldtallow.core.hub;

import org.jspecify.annotations.NullMarked;
