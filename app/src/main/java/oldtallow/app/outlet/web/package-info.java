/** HTTP: controllers, forms and views. */
@NullMarked
package oldtallow.app.outlet.web;

import org.jspecify.annotations.NullMarked;
