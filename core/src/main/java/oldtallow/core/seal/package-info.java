/** Seals and caps: which one, which way round, and what may touch it. */
@NullMarked
package oldtallow.core.seal;

import org.jspecify.annotations.NullMarked;
