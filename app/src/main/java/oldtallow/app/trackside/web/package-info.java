/** Hands it over. */
@NullMarked
package oldtallow.app.trackside.web;

import org.jspecify.annotations.NullMarked;
