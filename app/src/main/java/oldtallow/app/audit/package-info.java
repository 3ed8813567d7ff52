/** The trail of changes; written by the database itself, only read here. */
@NullMarked
package oldtallow.app.audit;

import org.jspecify.annotations.NullMarked;
