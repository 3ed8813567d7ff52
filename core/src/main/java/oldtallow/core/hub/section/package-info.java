/** The true half-section of a wheel end: every part's outline, in mm, from the sizes of the parts. */
@NullMarked
package oldtallow.core.hub.section;

import org.jspecify.annotations.NullMarked;
