/** What jobs cost, over HTTP. */
@NullMarked
package oldtallow.app.cost.web;

import org.jspecify.annotations.NullMarked;
