/** Greases: their codes, which go together, which a wheel end wants, how much goes where, and whether the film carries. */
@NullMarked
package oldtallow.core.grease;

import org.jspecify.annotations.NullMarked;
