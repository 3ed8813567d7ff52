/** Rigs, wheel ends, parts and sections over HTTP. */
@NullMarked
package oldtallow.app.assembly.web;

import org.jspecify.annotations.NullMarked;
