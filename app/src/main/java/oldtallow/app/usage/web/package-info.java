/** How rigs are used, over HTTP. */
@NullMarked
package oldtallow.app.usage.web;

import org.jspecify.annotations.NullMarked;
