/** HTTP: controllers, forms and views. */
@NullMarked
package oldtallow.app.identity.web;

import org.jspecify.annotations.NullMarked;
