/** Figures over HTTP. */
@NullMarked
package oldtallow.app.figures.web;

import org.jspecify.annotations.NullMarked;
