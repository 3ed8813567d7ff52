/** HTTP: controllers, forms and views. */
@NullMarked
package oldtallow.app.job.web;

import org.jspecify.annotations.NullMarked;
