/** A job on the bench: its entries, how it stands by them, and which it takes next. */
@NullMarked
package oldtallow.core.procedure.bench;

import org.jspecify.annotations.NullMarked;
