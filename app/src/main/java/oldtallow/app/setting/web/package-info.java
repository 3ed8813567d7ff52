/** HTTP: controllers, forms and views. */
@NullMarked
package oldtallow.app.setting.web;

import org.jspecify.annotations.NullMarked;
