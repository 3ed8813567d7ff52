/** Seals and caps: which one, which way round, and what may touch it. */
@NullMarked
package oldtallow.core.fit.seal;

import org.jspecify.annotations.NullMarked;
