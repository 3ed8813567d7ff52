/** What is in a wheel end, over HTTP. */
@NullMarked
package oldtallow.app.greasing.web;

import org.jspecify.annotations.NullMarked;
