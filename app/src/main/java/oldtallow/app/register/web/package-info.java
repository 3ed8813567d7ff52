/** The register over HTTP. */
@NullMarked
package oldtallow.app.register.web;

import org.jspecify.annotations.NullMarked;
