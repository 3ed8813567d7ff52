/** The setting chart over HTTP. */
@NullMarked
package oldtallow.app.rolling.web;

import org.jspecify.annotations.NullMarked;
