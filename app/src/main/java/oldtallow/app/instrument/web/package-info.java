/** HTTP: controllers, forms and views. */
@NullMarked
package oldtallow.app.instrument.web;

import org.jspecify.annotations.NullMarked;
