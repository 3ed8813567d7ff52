/** What lies on the shelf and what a job takes from it: kits, shelf lives, money. */
@NullMarked
package oldtallow.core.stock;

import org.jspecify.annotations.NullMarked;
