/** HTTP: controllers, forms and views. */
@NullMarked
package oldtallow.app.stock.web;

import org.jspecify.annotations.NullMarked;
