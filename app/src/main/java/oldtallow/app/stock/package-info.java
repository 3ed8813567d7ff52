/** What lies on the shelf, what is to be ordered, where a batch went, and what a job costs. */
@NullMarked
package oldtallow.app.stock;

import org.jspecify.annotations.NullMarked;
