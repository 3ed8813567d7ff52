/** What is fitted to a wheel end now, and what was before. */
@NullMarked
package oldtallow.app.fitted;

import org.jspecify.annotations.NullMarked;
