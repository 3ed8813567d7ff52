/** Readings of play, rock and drag over HTTP. */
@NullMarked
package oldtallow.app.play.web;

import org.jspecify.annotations.NullMarked;
