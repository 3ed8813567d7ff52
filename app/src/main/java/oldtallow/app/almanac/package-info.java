/** When what falls due at which wheel end, how they stand because of it, and why dates moved. */
@NullMarked
package oldtallow.app.almanac;

import org.jspecify.annotations.NullMarked;
