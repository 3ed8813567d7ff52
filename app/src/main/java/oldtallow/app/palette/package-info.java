/** Finds any rig, plate, owner, batch or wheel end by a few letters. */
@NullMarked
package oldtallow.app.palette;

import org.jspecify.annotations.NullMarked;
