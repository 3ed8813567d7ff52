/** Physical quantities: immutable values that store SI and name the unit in every factory and accessor. */
@NullMarked
package oldtallow.core.quantity;

import org.jspecify.annotations.NullMarked;
