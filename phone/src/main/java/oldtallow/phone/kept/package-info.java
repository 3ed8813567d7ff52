/** Where the phone keeps what it took along: in memory, read anew from its own storage at each start. */
@NullMarked
package oldtallow.phone.kept;

import org.jspecify.annotations.NullMarked;
