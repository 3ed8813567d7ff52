/** What jobs cost, one beside the other. */
@NullMarked
package oldtallow.app.cost;

import org.jspecify.annotations.NullMarked;
