/** Measurements quoted in docs/performance.md; no part of the application. */
@NullMarked
package oldtallow.benchmark;

import org.jspecify.annotations.NullMarked;
