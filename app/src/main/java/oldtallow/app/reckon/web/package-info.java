/** The reckoner over HTTP. */
@NullMarked
package oldtallow.app.reckon.web;

import org.jspecify.annotations.NullMarked;
