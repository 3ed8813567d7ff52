/** The service sheet: one clean page of what was found, fitted, set and when it is due again. */
@NullMarked
package oldtallow.app.sheet;

import org.jspecify.annotations.NullMarked;
