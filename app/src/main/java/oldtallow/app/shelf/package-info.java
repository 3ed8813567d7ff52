/** What is in the stores, by batch, and every piece in and out. */
@NullMarked
package oldtallow.app.shelf;

import org.jspecify.annotations.NullMarked;
