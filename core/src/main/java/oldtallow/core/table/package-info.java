/** Tables of the trade that ship with the product, read strictly. */
@NullMarked
package oldtallow.core.table;

import org.jspecify.annotations.NullMarked;
