/** Where an adjusting nut can be locked, what each lock position does to the end play, and which to take. */
@NullMarked
package oldtallow.core.setting.nut;

import org.jspecify.annotations.NullMarked;
