@NullMarked
package oldtallow.core.procedure.round;

import org.jspecify.annotations.NullMarked;
