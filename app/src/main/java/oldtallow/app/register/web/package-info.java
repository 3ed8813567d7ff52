/** HTTP: controllers, forms and views. */
@NullMarked
package oldtallow.app.register.web;

import org.jspecify.annotations.NullMarked;
