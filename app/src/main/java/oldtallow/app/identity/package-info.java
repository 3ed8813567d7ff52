/** Who asks, for which workshop, and what they may do; who changed what. */
@NullMarked
package oldtallow.app.identity;

import org.jspecify.annotations.NullMarked;
