/** Schools of setting the nut: the trade's, and those a workshop writes for itself. */
@NullMarked
package oldtallow.app.school;

import org.jspecify.annotations.NullMarked;
