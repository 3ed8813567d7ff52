/** The almanac over HTTP. */
@NullMarked
package oldtallow.app.almanac.web;

import org.jspecify.annotations.NullMarked;
