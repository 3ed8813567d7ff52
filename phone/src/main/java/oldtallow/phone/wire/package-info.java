/** Requests and their answers as text, without a network in between. */
@NullMarked
package oldtallow.phone.wire;

import org.jspecify.annotations.NullMarked;
