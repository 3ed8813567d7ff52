/** Tables: the ports by jOOQ. */
@NullMarked
package oldtallow.app.setting.persistence;

import org.jspecify.annotations.NullMarked;
