/** Puts rigs, hubs and parts together, refuses what cannot go together, and draws the result. */
@NullMarked
package oldtallow.app.assembly;

import org.jspecify.annotations.NullMarked;
