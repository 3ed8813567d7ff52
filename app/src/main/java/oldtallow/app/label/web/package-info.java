/** Labels over HTTP, as pictures and on paper. */
@NullMarked
package oldtallow.app.label.web;

import org.jspecify.annotations.NullMarked;
