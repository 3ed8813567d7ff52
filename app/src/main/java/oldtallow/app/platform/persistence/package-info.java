/** How transactions end, and what the database says when it cannot. */
@NullMarked
package oldtallow.app.platform.persistence;

import org.jspecify.annotations.NullMarked;
