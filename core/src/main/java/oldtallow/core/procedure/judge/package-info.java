/** Judging parts that are clean and in good light: damage modes, findings, verdicts and what caused it. */
@NullMarked
package oldtallow.core.procedure.judge;

import org.jspecify.annotations.NullMarked;
