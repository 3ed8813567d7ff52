/** Several hubs of a rig in one job: in which order they are gone round, and what one press does at all of them. */
@NullMarked
package oldtallow.core.procedure.round;

import org.jspecify.annotations.NullMarked;
