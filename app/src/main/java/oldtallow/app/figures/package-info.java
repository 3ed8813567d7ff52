/** Figures on file for rigs, axles, wheel ends and the workshop, and which of them governs. */
@NullMarked
package oldtallow.app.figures;

import org.jspecify.annotations.NullMarked;
