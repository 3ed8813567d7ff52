/** What a step of a job is made of: stage, moves of parts, cautions, checks, readings, tools and supplies. */
@NullMarked
package oldtallow.core.procedure.step;

import org.jspecify.annotations.NullMarked;
