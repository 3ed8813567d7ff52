/** Labels for bags, hubs and drawbars: a code and words. */
@NullMarked
package oldtallow.app.label;

import org.jspecify.annotations.NullMarked;
