/** Photos over HTTP. */
@NullMarked
package oldtallow.app.photo.web;

import org.jspecify.annotations.NullMarked;
