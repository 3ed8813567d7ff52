/** What the compiler for phones is told: which files go along, what stands in for what it lacks, what may stay out. */
@NullMarked
package oldtallow.phone.compiler;

import org.jspecify.annotations.NullMarked;
