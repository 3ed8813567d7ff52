/** How the nut was set, how the end play was found, and what each setting would do. */
@NullMarked
package oldtallow.app.setting;

import org.jspecify.annotations.NullMarked;
