/** The window the end play must fall in, whose figure it is, and the back-offs of the recommended practice. */
@NullMarked
package oldtallow.core.fastening.endplay;

import org.jspecify.annotations.NullMarked;
