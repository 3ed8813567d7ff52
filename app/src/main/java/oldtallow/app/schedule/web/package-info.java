/** HTTP: controllers, forms and views. */
@NullMarked
package oldtallow.app.schedule.web;

import org.jspecify.annotations.NullMarked;
