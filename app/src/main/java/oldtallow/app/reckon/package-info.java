/** Calculations on their own, with no rig and no saving: fits and heat, drivers, grease. */
@NullMarked
package oldtallow.app.reckon;

import org.jspecify.annotations.NullMarked;
