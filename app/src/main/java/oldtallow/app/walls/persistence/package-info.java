/** The wall as each database connection is told it. */
@NullMarked
package oldtallow.app.walls.persistence;

import org.jspecify.annotations.NullMarked;
