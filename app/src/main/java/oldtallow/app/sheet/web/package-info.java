/** Service sheets over HTTP. */
@NullMarked
package oldtallow.app.sheet.web;

import org.jspecify.annotations.NullMarked;
