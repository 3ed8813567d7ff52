/**
 * The way across: from compiled controllers, services and records it writes the Java that calls them without reflection, which
 * TeaVM then compiles for a phone. What it writes is never committed and holds no rule of its own.
 */
@NullMarked
package oldtallow.crossing;

import org.jspecify.annotations.NullMarked;
