/** Schools of setting the nut over HTTP. */
@NullMarked
package oldtallow.app.school.web;

import org.jspecify.annotations.NullMarked;
